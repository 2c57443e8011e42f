using PluckyRally.Core.Papers;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    public sealed partial record Rubric
    {
        /// <summary>Where the teams judge, their words are not the judge's to write down.</summary>
        public override IEnumerable<PaperBlock> Paper =>
            Definition.Voice == RubricVoice.Teacher
                ?
                [
                    PaperBlock.Single(
                        Definition.Name,
                        PaperWords.Criterion,
                        PaperWords.Level,
                        Definition.Criteria.Select(c => (c.Name, Levels(c)))
                    ),
                ]
                : [];

        public override IEnumerable<PaperEntry> FromPaper(TypedPaper paper)
        {
            if (Definition.Voice != RubricVoice.Teacher)
                yield break;
            foreach (var criterion in Definition.Criteria)
                if (paper.Choice(Levels(criterion)) is { Length: > 0 } level)
                    yield return new(
                        new Entry.LevelGiven
                        {
                            Id = default,
                            Team = paper.Team,
                            Part = Definition.Id,
                            Criterion = criterion.Id,
                            Level = int.Parse(level, System.Globalization.CultureInfo.InvariantCulture),
                        },
                        Field(criterion.Id)
                    );
        }

        private PaperField Levels(RubricCriterion criterion) =>
            new(Field(criterion.Id), PaperFieldKind.Choice)
            {
                Choices = [.. criterion.Levels.Select((l, i) => new PaperChoice(Numerals.Write(i), l.Name))],
            };
    }
}
