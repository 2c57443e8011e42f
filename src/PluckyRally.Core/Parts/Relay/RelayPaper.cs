using PluckyRally.Core.Papers;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    public sealed partial record Relay
    {
        private const string Carried = "carried";

        public override IEnumerable<PaperBlock> Paper =>
            [
                PaperBlock.Single(
                    Definition.Name,
                    PaperWords.Leg,
                    PaperWords.Time,
                    Definition.Legs.Select(
                        (leg, i) =>
                            (
                                $"{i + 1}. {leg}".TrimEnd(),
                                new PaperField(Leg(i + 1), PaperFieldKind.Reading) { Unit = "s" }
                            )
                    )
                ),
                .. Definition.Faults.Count == 0 && Definition.PointsPerItem == 0
                    ? []
                    : new[]
                    {
                        PaperBlock.Single(
                            PaperWords.OfRelay(Definition.Name),
                            PaperWords.Counted,
                            PaperWords.HowMany,
                            [
                                .. Definition.Faults.Select(f =>
                                    (
                                        PaperWords.Fault(f.Name, f.Seconds),
                                        new PaperField(Field($"fault.{f.Id}"), PaperFieldKind.Count)
                                    )
                                ),
                                .. Definition.PointsPerItem == 0
                                    ? []
                                    : new[]
                                    {
                                        (PaperWords.Carried, new PaperField(Field(Carried), PaperFieldKind.Count)),
                                    },
                            ]
                        ),
                    },
            ];

        public override IEnumerable<PaperEntry> FromPaper(TypedPaper paper)
        {
            for (var leg = 1; leg <= Definition.Legs.Count; leg++)
                if (paper.Has(Leg(leg)))
                    yield return new(
                        new Entry.LegTimed
                        {
                            Id = default,
                            Team = paper.Team,
                            Part = Definition.Id,
                            Leg = leg,
                            Time = paper.Reading(Leg(leg), Definition.Id),
                        },
                        Leg(leg)
                    );
            foreach (var fault in Definition.Faults)
                if (paper.Count(Field($"fault.{fault.Id}")) is > 0 and { } count)
                    yield return new(
                        new Entry.RelayFaulted
                        {
                            Id = default,
                            Team = paper.Team,
                            Part = Definition.Id,
                            Fault = fault.Id,
                            Count = count,
                        },
                        Field($"fault.{fault.Id}")
                    );
            if (Definition.PointsPerItem != 0 && paper.Count(Field(Carried)) is { } carried)
                yield return new(
                    new Entry.ItemsCarried
                    {
                        Id = default,
                        Team = paper.Team,
                        Part = Definition.Id,
                        Count = carried,
                    },
                    Field(Carried)
                );
        }

        private string Leg(int number) => Field($"leg.{number}");
    }
}
