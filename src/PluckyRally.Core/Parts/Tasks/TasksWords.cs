using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

internal abstract partial record Working
{
    /// <summary>A task was done, in whole or in part.</summary>
    /// <param name="Item">The task.</param>
    /// <param name="Steps">Steps done.</param>
    /// <param name="Points">What it gives.</param>
    /// <param name="TooLate">Whether the first teams had its points already.</param>
    /// <param name="ClocksDiffer">Whether the devices' own clocks would say otherwise.</param>
    public sealed record TaskDone(TaskItem Item, int Steps, decimal Points, bool TooLate, bool ClocksDiffer = false)
        : Working
    {
        public override decimal Adds => Points;

        public override string Say()
        {
            var partly = Steps < Item.Steps ? $", {Steps} of {Item.Steps} steps" : "";
            var clocks = ClocksDiffer
                ? $" By the clocks of the devices it was {(TooLate ? "earlier" : "later")} than another; the "
                    + "order in which it arrived decides, unless you decide differently."
                : "";
            return $"{Item.Name}{partly}: "
                + (
                    TooLate
                        ? $"done, after the first {(Item.FirstTeams == 1 ? "team" : $"{Item.FirstTeams} teams")}, "
                            + "so no points"
                        : MethodWords.Points(Points)
                )
                + $".{clocks}";
        }
    }

    /// <summary>Every task was done.</summary>
    public sealed record AllTasksDone(decimal Points) : Working
    {
        public override decimal Adds => Points;

        public override string Say() => $"All tasks done: {MethodWords.Points(Points)} extra.";
    }

    /// <summary>Points for time left.</summary>
    /// <param name="Seconds">The time that was read.</param>
    /// <param name="Time">What time gives.</param>
    /// <param name="Units">How many units of it count.</param>
    public sealed record TimeLeft(decimal Seconds, TimePoints Time, decimal Units) : Working
    {
        public override decimal Adds => Units * Time.Points;

        public override string Say() =>
            $"{PartEntries.Show(Seconds, TasksScore.Step)} is "
            + $"{Numerals.Write(Math.Max(0, Time.From - Seconds))} s under "
            + $"{PartEntries.Show(Time.From, TasksScore.Step)}, {English.Count(Units, "full step")} of "
            + $"{Numerals.Write(Time.Seconds)} s: {Numerals.Write(Units)} × {Numerals.Write(Time.Points)} = "
            + $"{MethodWords.Points(Adds)}.";
    }
}
