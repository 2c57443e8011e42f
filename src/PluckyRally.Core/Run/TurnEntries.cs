using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Run;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(TurnBegun), "turnBegun")]
public abstract partial record Entry
{
    /// <summary>
    /// In a phase that goes team by team the next turn was begun: these teams are on, each at its place.
    /// </summary>
    public sealed record TurnBegun : OfClock
    {
        /// <summary>The phase's id.</summary>
        public required string Phase { get; init; }

        /// <summary>The teams that are on, by id: the first one at the first place.</summary>
        public required IReadOnlyList<TeamId> Teams { get; init; }

        private protected override void Check(CompiledEdition compiled, ProblemCollector found)
        {
            found.Unless(
                compiled.Brief.Timing.Phases.Any(p => p.Id == Phase && p.TeamByTeam),
                "/phase",
                "There is no phase of this name that goes team by team.",
                "Name the phase that runs."
            );
            found.Count(Teams, Limits.Teams, "/teams", "teams");
        }

        internal override ClockSoFar Apply(ClockSoFar so, IReadOnlyList<ClockPhase> phases, Brief brief) =>
            so.Run?.Phase.Id == Phase ? so with { Turns = [.. so.Turns, Teams], TurnAt = At } : so;

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"Turn begun for {English.Count(Teams.Count, "team")}";
    }
}
