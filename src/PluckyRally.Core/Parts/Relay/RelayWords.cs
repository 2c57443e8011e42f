using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

internal abstract partial record Working
{
    /// <summary>A leg was done.</summary>
    /// <param name="Leg">Which, from 1.</param>
    /// <param name="Name">What it is called; empty where it has no name.</param>
    /// <param name="Runner">Who ran it; empty where nobody said.</param>
    /// <param name="Seconds">Its own time.</param>
    /// <param name="Step">How finely times are read.</param>
    public sealed record LegRun(int Leg, string Name, string Runner, decimal Seconds, decimal Step) : Working
    {
        public override decimal Adds => Seconds;

        public override string Say() =>
            $"Leg {Leg}{(Name.Length > 0 ? $", {Name}" : "")}{(Runner.Length > 0 ? $" ({Runner})" : "")}: "
            + $"{PartEntries.Show(Seconds, Step)}.";
    }

    /// <summary>Something went wrong, so many times.</summary>
    public sealed record FaultsMade(RelayFault Fault, int Count) : Working
    {
        public override decimal Adds => Count * Fault.Seconds;

        public override string Say() =>
            $"{Fault.Name}: {Count} × {Numerals.Write(Fault.Seconds)} s = {Numerals.Write(Adds)} s added.";
    }

    /// <summary>Things were brought over; their points come after the curve.</summary>
    public sealed record ItemsBrought(int Count) : Working
    {
        public override string Say() => $"{English.Count(Count, "item")} brought over.";
    }

    /// <summary>The time with its faults.</summary>
    public sealed record RunTime(decimal Run, decimal Faults, decimal Step) : Working
    {
        public override string Say() =>
            $"{PartEntries.Show(Run, Step)} + {Numerals.Write(Faults)} s = {PartEntries.Show(Run + Faults, Step)}.";
    }

    /// <summary>The team stopped before the last leg.</summary>
    public sealed record RunStopped(int Leg, int Legs, string Reason) : Working
    {
        public override string Say() =>
            $"Stopped after {Leg} of {English.Count(Legs, "leg")}{(Reason.Length > 0 ? $": {Reason}" : "")}.";
    }
}
