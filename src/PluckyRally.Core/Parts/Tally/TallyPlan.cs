using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    /// <summary>A tally.</summary>
    public sealed partial record Tally(Part.Tally Definition, WinningDirection Wins) : PartPlan
    {
        public override Part Part => Definition;

        private protected override decimal? Reachable =>
            Definition.Counters.All(c => TallyScore.Each(c, Wins) <= 0 || c.AtMost is not null)
                ? Definition.Counters.Sum(c => Math.Max(0, TallyScore.Each(c, Wins) * (c.AtMost ?? 0)))
                : null;

        public override string Say() =>
            string.Join(
                ", ",
                Definition.Counters.Select(c =>
                    $"{MethodWords.Points(TallyScore.Each(c, Wins))}{SayTimes(c)} for “{c.Name}”"
                )
            ) + ".";

        private static string SayTimes(Counter counter) =>
            counter.AtMost switch
            {
                null => " each time",
                1 => " once",
                { } most => $" each time, at most {most} times",
            };

        public override PartValue Value(DesignFacts known, Trials trials) => TallyScore.Value(this, known.Design);

        public override PartAnswers Answers(DesignRecord design) =>
            new([
                .. PartEntries
                    .Of<Entry.Tallied>(design, Definition.Id)
                    .GroupBy(t => t.Counter)
                    .Select(g => PartAnswers.Count(g.Key, g.Sum(t => t.Count))),
            ]);

        public override LikelyRange? Values(Brief brief) => null;

        public override LikelyRange? Spread(Brief brief) => null;

        /// <summary>Makes the part ready, or adds what is wrong with it.</summary>
        public static Tally Make(Part.Tally part, Brief brief, ProblemCollector found)
        {
            found.Unless(part.Counters.Count > 0, "/counters", "Nothing is counted yet.", "Add the first counter.");
            found.Count(part.Counters, 100, "/counters", "counters");
            found.Ids(part.Counters.Select(c => c.Id), "/counters", "counter");
            foreach (var counter in part.Counters)
            {
                found.NotEmpty(
                    counter.Name,
                    $"/counters/{counter.Id}/name",
                    "The counter has no name.",
                    "Say what is counted."
                );
                found.Unless(
                    counter.Points >= 0,
                    $"/counters/{counter.Id}/points",
                    "Points are written above zero; whether they hurt is said beside them.",
                    "Use 0 or more."
                );
                found.Unless(
                    counter.AtMost is null or (>= 1 and <= 100_000),
                    $"/counters/{counter.Id}/atMost",
                    "Nothing could be counted.",
                    "Enter 1 or more, or leave it empty where there is no limit."
                );
            }

            return new(part, brief.Method.Wins);
        }
    }
}
