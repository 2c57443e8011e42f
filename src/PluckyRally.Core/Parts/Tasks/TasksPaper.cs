using PluckyRally.Core.Papers;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    public sealed partial record Tasks
    {
        private const string Time = "time";

        public override IEnumerable<PaperBlock> Paper =>
            [
                PaperBlock.Single(
                    Definition.Name,
                    PaperWords.Task,
                    Definition.Items.Any(i => i.Steps > 1) ? PaperWords.StepsDone : PaperWords.Done,
                    [
                        .. Definition.Items.Select(i =>
                            (
                                PaperWords.Worth(i.Name, MethodWords.Points(i.Points)),
                                new PaperField(
                                    Field($"task.{i.Id}"),
                                    i.Steps > 1 ? PaperFieldKind.Count : PaperFieldKind.Tick
                                )
                                {
                                    Unit = i.Steps > 1 ? PaperWords.Of(i.Steps) : "",
                                }
                            )
                        ),
                        .. Definition.TimePoints is null
                            ? []
                            : new[]
                            {
                                (PaperWords.Time, new PaperField(Field(Time), PaperFieldKind.Reading) { Unit = "s" }),
                            },
                    ]
                ),
            ];

        public override TaskPaper TaskSheet =>
            new(
                Definition.Name,
                PaperWords.TaskWay,
                PaperWords.Done,
                [.. Definition.Items.Select(i => i.Steps > 1 ? PaperWords.Steps(i.Name, i.Steps) : i.Name)],
                [],
                []
            );

        public override IEnumerable<PaperEntry> FromPaper(TypedPaper paper)
        {
            // A sheet that says anything of the tasks says all of them: what is not ticked was not done.
            if (!Definition.Items.Any(i => paper.Has(Field($"task.{i.Id}"))) && !paper.Has(Field(Time)))
                yield break;
            foreach (var item in Definition.Items)
            {
                var field = Field($"task.{item.Id}");
                var steps =
                    item.Steps > 1 ? paper.Count(field) ?? 0
                    : paper.Has(field) ? 1
                    : 0;
                yield return new(
                    new Entry.TaskTicked
                    {
                        Id = default,
                        Team = paper.Team,
                        Part = Definition.Id,
                        Task = item.Id,
                        Steps = steps,
                    },
                    field
                );
            }

            if (Definition.TimePoints is not null && paper.Has(Field(Time)))
                yield return new(
                    new Entry.TasksTimed
                    {
                        Id = default,
                        Team = paper.Team,
                        Part = Definition.Id,
                        Time = paper.Reading(Field(Time), Definition.Id),
                    },
                    Field(Time)
                );
        }
    }
}
