using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>
/// What was recorded on the sheet of something that teams are compared with, scored as a team that is alone.
/// </summary>
/// <param name="Reference">What it is.</param>
/// <param name="Run">The round in which it was recorded.</param>
/// <param name="Result">What came of it.</param>
internal sealed record ReferenceResult(Reference Reference, RunRound Run, TeamResult Result)
{
    /// <summary>
    /// What it came to in a round, or in the last round before in which something was recorded of it: a control is
    /// measured once.
    /// </summary>
    public static ReferenceResult Of(RunRound run, Reference reference, StandingLog entries)
    {
        var own = entries.Alone(reference.Id);
        var rounds = own.Where(e => e.Team == reference.Id && e.BeginsRound).Select(e => e.Round).ToHashSet();
        var measured = run;
        while (!rounds.Contains(measured.Number) && measured.Before is { } before)
            measured = before;
        var recorded = rounds.Contains(measured.Number) ? measured : run;
        return new(reference, recorded, RoundResult.Of(recorded.Alone(reference.AsTeam), own).Teams[0]);
    }
}
