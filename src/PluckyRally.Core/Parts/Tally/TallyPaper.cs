using PluckyRally.Core.Papers;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    public sealed partial record Tally
    {
        public override IEnumerable<PaperBlock> Paper =>
            [
                PaperBlock.Single(
                    Definition.Name,
                    PaperWords.Counted,
                    PaperWords.HowMany,
                    Definition.Counters.Select(c => (Worth(c), new PaperField(Field(c.Id), PaperFieldKind.Count)))
                ),
            ];

        /// <summary>A counter with what it gives, so that whoever counts can add it up at once.</summary>
        private string Worth(Counter counter) =>
            PaperWords.Worth(counter.Name, MethodWords.Points(TallyScore.Each(counter, Wins)) + SayTimes(counter));

        public override IEnumerable<PaperEntry> FromPaper(TypedPaper paper)
        {
            foreach (var counter in Definition.Counters)
                if (paper.Count(Field(counter.Id)) is > 0 and { } count)
                    yield return new(
                        new Entry.Tallied
                        {
                            Id = default,
                            Team = paper.Team,
                            Part = Definition.Id,
                            Counter = counter.Id,
                            Count = count,
                        },
                        Field(counter.Id)
                    );
        }
    }
}
