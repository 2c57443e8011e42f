using System.Text.Json.Serialization;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

[JsonDerivedType(typeof(Tasks), "tasks")]
public abstract partial record Part
{
    /// <summary>Points for things done, from a list.</summary>
    public sealed record Tasks : Part
    {
        /// <summary>What can be done.</summary>
        public IReadOnlyList<TaskItem> Items { get; init; } = [];

        /// <summary>More points when every task is done.</summary>
        public decimal AllDoneBonus { get; init; }

        /// <summary>Points for being quick; none where absent.</summary>
        public TimePoints? TimePoints { get; init; }

        /// <summary>A race to a number of tasks; none where absent.</summary>
        public TaskRace? Race { get; init; }

        /// <inheritdoc/>
        internal override IEnumerable<TierField> Inner =>
            [
                .. Items.SelectMany(i =>
                    new[]
                    {
                        TierField.Number($"/items/{i.Id}/points"),
                        TierField.Number($"/items/{i.Id}/steps"),
                        TierField.Number($"/items/{i.Id}/firstTeams"),
                    }
                ),
                TierField.Number("/allDoneBonus"),
                .. Race is null ? [] : new[] { TierField.Number("/race/done") },
                .. TimePoints is null
                    ? []
                    : new[]
                    {
                        TierField.Number("/timePoints/from"),
                        TierField.Number("/timePoints/seconds"),
                        TierField.Number("/timePoints/points"),
                    },
            ];

        /// <inheritdoc/>
        internal override PartPlan? Ready(Brief brief, ProblemCollector found) => PartPlan.Tasks.Make(this, found);

        /// <inheritdoc/>
        internal override IReadOnlyList<PartFact> Facts =>
            [
                new("done", "tasks done"),
                new("time", "time for the tasks", TasksScore.Step),
                .. Race is null
                    ? []
                    : new[] { new PartFact("raced", $"place in the race to {Race.Done} tasks", Better: Better.Less) },
                .. Items.Select(i => new PartFact($"steps.{i.Id}", $"steps of {i.Name}")),
            ];
    }
}
