using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(RoundClosed), "roundClosed")]
[JsonDerivedType(typeof(RoundReopened), "roundReopened")]
public abstract partial record Entry
{
    /// <summary>A round was closed: nothing more is recorded in it until it is opened again.</summary>
    public sealed record RoundClosed : Entry
    {
        /// <summary>
        /// What the round came to then, worked out when the entry is taken in; absent in logs of before this was kept.
        /// </summary>
        public ClosedRound? Kept { get; init; }

        internal override bool IsTeachers => true;

        internal override bool MayBeOfClass => true;

        internal override bool GoesIntoClosedRound => true;

        internal override bool IsOfLesson => true;

        internal override bool IsOfWholeLesson => true;

        internal override Entry Understand(
            CompiledEdition compiled,
            IReadOnlyList<Team> teams,
            ProblemCollector found
        ) => Rounds.OfClass(this, found);

        internal override Entry Join(LogToJoin log, ProblemCollector found) =>
            found.Problems.Count > 0
                ? this
                : this with
                {
                    Kept = ClosedRound.Of(RoundResult.Of(log.Round, StandingLog.Of([.. log.Stands, this]))),
                };

        internal override string Say(CompiledEdition compiled, int? attempt) => $"Round {Round} closed";
    }

    /// <summary>A closed round was opened again.</summary>
    public sealed record RoundReopened : Entry
    {
        internal override bool IsTeachers => true;

        internal override bool MayBeOfClass => true;

        internal override bool GoesIntoClosedRound => true;

        internal override bool IsOfLesson => true;

        internal override bool IsOfWholeLesson => true;

        internal override Entry Understand(
            CompiledEdition compiled,
            IReadOnlyList<Team> teams,
            ProblemCollector found
        ) => Rounds.OfClass(this, found);

        internal override string Say(CompiledEdition compiled, int? attempt) => $"Round {Round} opened again";
    }
}

/// <summary>Which rounds are closed.</summary>
public static class Rounds
{
    /// <summary>Whether a round is closed, as a log leaves it.</summary>
    public static bool IsClosed(StandingLog log, int round) =>
        log.Any(e => e is Entry.RoundClosed)
        && log.LastOrDefault(e => e.Round == round && e is (Entry.RoundClosed or Entry.RoundReopened))
            is Entry.RoundClosed;

    /// <summary>An entry for a closed round is refused with where it could go.</summary>
    internal static void CheckOpen(StandingLog log, Entry entry, ProblemCollector found)
    {
        if (entry.GoesIntoClosedRound)
            return;
        found.Unless(
            !IsClosed(log, entry.Round),
            "/round",
            $"Round {entry.Round} is closed.",
            $"Move it to round {entry.Round + 1}, or ask the teacher to open round {entry.Round} again."
        );
    }

    /// <summary>Closing and opening a round is for the whole class.</summary>
    internal static Entry OfClass(Entry entry, ProblemCollector found)
    {
        found.Unless(entry.Team == default, "/team", "A round is the whole class's.", "Leave the team out.");
        return entry;
    }
}
