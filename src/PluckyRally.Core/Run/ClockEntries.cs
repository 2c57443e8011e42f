using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Run;
using PluckyRally.Core.Time;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(PhaseBegun), "phaseBegun")]
[JsonDerivedType(typeof(ClockPaused), "clockPaused")]
[JsonDerivedType(typeof(ClockResumed), "clockResumed")]
[JsonDerivedType(typeof(MinutesAdded), "minutesAdded")]
public abstract partial record Entry
{
    /// <summary>An entry of the clock: the whole class's, at the server's time, and no score.</summary>
    public abstract record OfClock : Entry
    {
        internal sealed override bool IsTeachers => true;

        internal sealed override bool MayBeOfClass => true;

        internal sealed override bool GoesIntoClosedRound => true;

        internal sealed override bool BeginsRound => false;

        internal override bool IsOfLesson => true;

        internal override bool IsOfWholeLesson => true;

        internal sealed override bool TouchesSheets(Trials trials) => ChangesOthers(trials);

        internal sealed override Entry Understand(
            CompiledEdition compiled,
            IReadOnlyList<Team> teams,
            ProblemCollector found
        )
        {
            found.Unless(Team == default, "/team", "The clock is the whole class's.", "Leave the team out.");
            Check(compiled, found);
            return this;
        }

        /// <summary>Collects what is wrong with what it says.</summary>
        private protected abstract void Check(CompiledEdition compiled, ProblemCollector found);

        /// <summary>The brief with what this entry cuts laid over it.</summary>
        /// <param name="brief">The brief with what was cut before.</param>
        /// <param name="whole">The brief before any cut.</param>
        internal virtual Brief Lay(Brief brief, Brief whole) => brief;
    }

    /// <summary>
    /// A phase of the lesson was begun; the one before it is over. Its <see cref="At"/> is the server's time.
    /// </summary>
    public sealed record PhaseBegun : OfClock
    {
        /// <summary>The phase's id; empty where the lesson is over.</summary>
        public required string Phase { get; init; }

        private protected override void Check(CompiledEdition compiled, ProblemCollector found)
        {
            var phases = compiled.Brief.Timing.Phases;
            found.Unless(
                Phase.Length == 0 || phases.Any(p => p.Id == Phase),
                "/phase",
                "There is no such phase in this brief.",
                ProblemCollector.UseOneOf(phases.Select(p => Minutes.Name(p.Kind)))
            );
        }

        internal override ClockSoFar Apply(ClockSoFar so, IReadOnlyList<ClockPhase> phases, Brief brief)
        {
            var phase = phases.FirstOrDefault(p => p.Id == Phase);

            // After the end of a lesson another one begins, and with it the reckoning of how far it is behind its plan.
            var fresh = so.First is null || (so.Over && phase is not null);
            return so with
            {
                First = fresh ? At : so.First,
                From = fresh ? phase : so.From,
                Run = phase is null ? null : new(phase, (double)phase.Minutes * 60, At),
                Over = phase is null,
                Hold = null,
                PhaseAt = At,
                Turns = [],
                TurnAt = At,
                StoppedAt = null,
            };
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            Phase.Length == 0
                ? "The lesson is over"
                : "Started: "
                    + (
                        compiled.Brief.Timing.Phases.FirstOrDefault(p => p.Id == Phase) is { } phase
                            ? Time.Minutes.Name(phase.Kind)
                            : Phase
                    );
    }

    /// <summary>The clock was stopped.</summary>
    public sealed record ClockPaused : OfClock
    {
        private protected override void Check(CompiledEdition compiled, ProblemCollector found) { }

        internal override ClockSoFar Apply(ClockSoFar so, IReadOnlyList<ClockPhase> phases, Brief brief) =>
            so.Run is { Since: { } since } run
                ? so with
                {
                    Run = run with { Left = run.Left - (At - since).TotalSeconds, Since = null },
                    StoppedAt = At,
                }
                : so;

        internal override string Say(CompiledEdition compiled, int? attempt) => "The clock was stopped";
    }

    /// <summary>The clock goes on.</summary>
    public sealed record ClockResumed : OfClock
    {
        private protected override void Check(CompiledEdition compiled, ProblemCollector found) { }

        internal override ClockSoFar Apply(ClockSoFar so, IReadOnlyList<ClockPhase> phases, Brief brief) =>
            so.Run is { Since: null } run
                ? so with
                {
                    Run = run with { Since = At },
                    TurnAt =
                        so.StoppedAt is { } stood && so.TurnAt is { } turn
                            ? turn + (At - (stood > turn ? stood : turn))
                            : so.TurnAt,
                    StoppedAt = null,
                }
                : so;

        internal override string Say(CompiledEdition compiled, int? attempt) => "The clock goes on";
    }

    /// <summary>The running phase got more time, or less.</summary>
    public sealed record MinutesAdded : OfClock
    {
        /// <summary>How many minutes; below 0 to take some away.</summary>
        public required decimal Minutes { get; init; }

        private protected override void Check(CompiledEdition compiled, ProblemCollector found) =>
            found.Unless(
                Minutes is >= -120 and <= 120 and not 0,
                "/minutes",
                "The minutes are out of range.",
                "Use 1 to 120, or a number below 0 to take minutes off."
            );

        internal override ClockSoFar Apply(ClockSoFar so, IReadOnlyList<ClockPhase> phases, Brief brief) =>
            so.WithMinutes(Minutes);

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"{(Minutes > 0 ? "Added" : "Removed")}: {English.Count(Math.Abs(Minutes), "minute")}";
    }
}
