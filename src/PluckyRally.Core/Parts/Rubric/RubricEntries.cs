using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(LevelGiven), "levelGiven")]
public abstract partial record Entry
{
    /// <summary>A team was given a level; the last word of each voice stands.</summary>
    public sealed record LevelGiven : OfPart
    {
        /// <summary>The criterion's id.</summary>
        public required string Criterion { get; init; }

        /// <summary>The level, counted from 0.</summary>
        public required int Level { get; init; }

        /// <summary>The id of the team whose word it is; empty for the teacher's.</summary>
        public TeamId From { get; init; }

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            if (PartEntries.Find<Part.Rubric>(compiled, Part, found) is not { } part)
                return this;
            var criterion = part.Criteria.FirstOrDefault(c => c.Id == Criterion);
            var teachers = part.Voice == RubricVoice.Teacher;
            found.Unless(
                criterion is not null,
                "/criterion",
                "There is no such criterion.",
                ProblemCollector.UseOneOf(part.Criteria.Select(c => c.Name))
            );
            found.Unless(
                criterion is null || (Level >= 0 && Level < criterion.Levels.Count),
                "/level",
                "There is no such level.",
                $"Use 0 to {criterion?.Levels.Count - 1}."
            );
            found.Unless(
                teachers == (From == default),
                "/from",
                teachers ? "The teacher judges this." : "A team judges this.",
                teachers ? "Leave the team out." : "Say which team judges."
            );
            found.Unless(
                From == default || teams.Any(t => t.Id == From),
                "/from",
                "There is no such team in this rally.",
                "Choose one of the rally's teams."
            );
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            PartEntries.Say<Part.Rubric>(compiled, this, part =>
                part?.Criteria.FirstOrDefault(c => c.Id == Criterion) is { } criterion && Level < criterion.Levels.Count
                    ? $"{criterion.Name} {criterion.Levels[Level].Name}"
                    : $"{Criterion} {Level}"
            );
    }
}
