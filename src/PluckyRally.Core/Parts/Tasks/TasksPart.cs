using System.Text.Json.Serialization;

namespace PluckyRally.Core;

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

/// <summary>A thing to be done.</summary>
public sealed record TaskItem
{
    /// <summary>Names the task in entries.</summary>
    public required string Id { get; init; }

    /// <summary>The task in the students' words.</summary>
    public string Name { get; init; } = "";

    /// <summary>Points for all of it.</summary>
    public decimal Points { get; init; }

    /// <summary>Whole steps in which it can be partly done, from 1; each is worth an equal share.</summary>
    public int Steps { get; init; } = 1;

    /// <summary>Only so many teams get its points, in the order in which they were done; all where absent.</summary>
    public int? FirstTeams { get; init; }
}

/// <summary>A race to so many tasks: who has done them first, in the order in which the ticks were received.</summary>
/// <param name="Done">How many tasks must be done, from 1; which of them is open.</param>
/// <param name="Bonuses">Points more for the first, the second, and so on.</param>
public sealed record TaskRace(int Done, IReadOnlyList<decimal> Bonuses);

/// <summary>Points for time left on a clock.</summary>
/// <param name="From">Seconds at which there are none.</param>
/// <param name="Seconds">So many seconds less are worth <paramref name="Points"/>, above 0.</param>
/// <param name="Points">Points for each of them.</param>
/// <param name="Exact">In proportion; otherwise only completed units count.</param>
public sealed record TimePoints(decimal From, decimal Seconds, decimal Points, bool Exact = false);
