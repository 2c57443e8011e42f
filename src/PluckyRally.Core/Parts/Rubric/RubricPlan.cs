using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    /// <summary>A rubric.</summary>
    public sealed partial record Rubric(Part.Rubric Definition) : PartPlan
    {
        public override Part Part => Definition;

        private protected override decimal? Reachable =>
            Definition.Criteria.Sum(c => c.Levels.Select(l => l.Points).DefaultIfEmpty(0).Max());

        public override string Say()
        {
            var voice = Definition.Voice switch
            {
                RubricVoice.Teacher => "judged by the teacher",
                RubricVoice.Peers => "judged by the other teams",
                RubricVoice.Self => "judged by the team itself",
            };
            return string.Join(
                    ", ",
                    Definition.Criteria.Select(c =>
                        $"{c.Name} (up to {MethodWords.Points(c.Levels.Max(l => l.Points))})"
                    )
                ) + $", {voice}.";
        }

        public override PartValue Value(DesignFacts known, Trials trials) =>
            RubricScore.Value(Definition, known.Design);

        public override PartAnswers Answers(DesignRecord design) =>
            new([
                .. PartEntries
                    .Of<Entry.LevelGiven>(design, Definition.Id)
                    .Select(l => PartAnswers.Count($"{Voice(l, design.Team.Team.Id)}|{l.Criterion}", l.Level)),
            ]);

        /// <summary>Whose word a level is: a team's, or a judge's by name.</summary>
        private static string Voice(Entry.LevelGiven level, TeamId team) =>
            level.From == default ? $"by:{level.By}"
            : level.From == team ? ""
            : level.From.Value;

        public override LikelyRange? Values(Brief brief) => null;

        public override LikelyRange? Spread(Brief brief) =>
            new(
                Definition.Criteria.Sum(c => c.Levels.Select(l => l.Points).DefaultIfEmpty(0).Min()),
                Definition.Criteria.Sum(c => c.Levels.Select(l => l.Points).DefaultIfEmpty(0).Max())
            );

        /// <summary>Makes the part ready, or adds what is wrong with it.</summary>
        public static Rubric Make(Part.Rubric part, ProblemCollector found)
        {
            found.Unless(part.Criteria.Count > 0, "/criteria", "Nothing is judged yet.", "Add the first criterion.");
            found.Count(part.Criteria, 50, "/criteria", "criteria");
            found.Ids(part.Criteria.Select(c => c.Id), "/criteria", "criterion");
            foreach (var criterion in part.Criteria)
            {
                found.NotEmpty(
                    criterion.Name,
                    $"/criteria/{criterion.Id}/name",
                    "The criterion has no name.",
                    "Say what is judged."
                );
                found.Unless(
                    criterion.Levels.Count is >= 2 and <= 20,
                    $"/criteria/{criterion.Id}/levels",
                    "A criterion needs 2 to 20 levels.",
                    "Write what each level looks like."
                );
            }

            return new(part);
        }
    }
}
