using PluckyRally.Core.Briefs;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    /// <summary>A relay.</summary>
    public sealed partial record Relay(Part.Relay Definition) : PartPlan
    {
        public override Part Part => Definition;

        public override Curve Curve => Definition.Curve;

        public override Better Better => Better.Less;

        public override int Decimals => Rounding.Decimals(Definition.Step);

        public override string UnitSingular => "second";

        public override Measure ShownValue => PartEntries.Clock(Definition.Id, Definition.Step);

        public override string Show(BoundedValue value) =>
            value.HasValue
                ? ReadingFormat.WithBound(PartEntries.Show(value.Number, Definition.Step), value.Bound)
                : "no value";

        public override string Say()
        {
            var faults =
                Definition.Faults.Count == 0
                    ? ""
                    : " Time added: "
                        + string.Join(
                            ", ",
                            Definition.Faults.Select(f => $"{f.Name} ({Numerals.Write(f.Seconds)} s each time)")
                        )
                        + ".";
            var items =
                Definition.PointsPerItem != 0
                    ? $" {MethodWords.Points(Definition.PointsPerItem)} for each item brought over."
                    : "";
            return $"{English.Count(Definition.Legs.Count, "leg")} against the clock, {Definition.Curve.Say(this)}."
                + $"{faults}{items}";
        }

        public override PartValue Value(DesignFacts known, Trials trials) => RelayScore.Value(Definition, known.Design);

        public override PartAnswers Answers(DesignRecord design) =>
            new([
                .. PartEntries
                    .Of<Entry.LegTimed>(design, Definition.Id)
                    .Select(l => new PartAnswer(
                        PartAnswers.Whole(l.Leg),
                        PartEntries.Show(l.Time.Value ?? 0, Definition.Step)
                    )),
                .. PartEntries
                    .Of<Entry.RelayFaulted>(design, Definition.Id)
                    .GroupBy(f => f.Fault)
                    .Select(g => PartAnswers.Count(OfFault(g.Key), g.Sum(f => f.Count))),
                .. PartEntries
                    .Of<Entry.ItemsCarried>(design, Definition.Id)
                    .Select(c => PartAnswers.Count("items", c.Count)),
                .. PartEntries
                    .Of<Entry.LegTimed>(design, Definition.Id)
                    .Where(l => l.Heat is not null)
                    .Select(l => PartAnswers.Count("heat", l.Heat!.Value)),
                .. PartEntries
                    .Of<Entry.RelayStopped>(design, Definition.Id)
                    .Select(s => new PartAnswer("stopped", s.Reason)),
            ]);

        public override LikelyRange? Values(Brief brief) => Plausible.LegSeconds.Times(Definition.Legs.Count);

        /// <summary>Makes the part ready, or adds what is wrong with it.</summary>
        public static Relay Make(Part.Relay part, Brief brief, ProblemCollector found)
        {
            found.Unless(
                part.Legs.Count is >= 1 and <= 100,
                "/legs",
                "A relay needs 1 to 100 legs.",
                "Name the first."
            );
            found.Unless(
                part.Step is > 0 and <= 60,
                "/step",
                "The step must be above zero.",
                "Use what the stopwatch shows, for example 0.1."
            );
            found.Ids(part.Faults.Select(f => f.Id), "/faults", "fault");
            found.Count(part.Faults, 50, "/faults", "faults");
            foreach (var fault in part.Faults)
                found.Unless(
                    fault.Seconds >= 0,
                    $"/faults/{fault.Id}/seconds",
                    "A fault cannot make a team faster.",
                    "Use 0 or more."
                );
            part.Curve.Check(Better.Less, mayBeNegative: false, found);
            found.Unless(
                !part.Curve.IsValueItself || brief.Method.Wins == WinningDirection.Lowest,
                "/curve",
                "The time itself as points would reward the slowest.",
                "Use points by place or between two times."
            );
            return new(part);
        }
    }
}
