using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(HeatsDrawn), "heatsDrawn")]
public abstract partial record Entry
{
    /// <summary>
    /// The heats of a round were drawn, with the lane of each team. Heats drawn before no longer hold; whoever
    /// runs otherwise is timed anyway.
    /// </summary>
    public sealed record HeatsDrawn : OfTeams
    {
        /// <summary>The heats, in their order.</summary>
        public required IReadOnlyList<Heat> Heats { get; init; }

        /// <summary>The number that they were drawn by.</summary>
        public int Seed { get; init; }

        /// <summary>Teams in them that another rally of the same lesson has, by their ids; absent where there are
        /// none.</summary>
        public IReadOnlyList<TeamId>? Beside { get; init; }

        internal override bool MayBeOfClass => true;

        internal override bool IsOfWholeLesson => true;

        internal override Entry RunBeside(IReadOnlyList<Team> others) =>
            this with
            {
                Beside = NamedBeside(Heats.SelectMany(h => h.Teams), others),
            };

        internal override bool HoldsIn(int round) => Round == round;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.Unless(Team == default, "/team", "Heats are drawn for the whole class.", "Leave the team out.");
            var seen = new HashSet<TeamId>();
            foreach (var (heat, ids) in Heats.Select(h => h.Teams).Index())
            foreach (var (lane, id) in ids.Index())
            {
                found.Unless(
                    teams.Any(t => t.Id == id) || Beside?.Contains(id) is true,
                    $"/heats/{heat}/teams/{lane}",
                    "There is no such team in this rally.",
                    "Leave it out."
                );
                found.Unless(
                    seen.Add(id),
                    $"/heats/{heat}/teams/{lane}",
                    "A team runs in one heat.",
                    "Leave it out of one."
                );
            }

            return this;
        }

        internal override IReadOnlyList<Team> Apply(IReadOnlyList<Team> teams, Roster roster)
        {
            var places = new Dictionary<TeamId, HeatPlace>();
            foreach (var (heat, ids) in Heats.Select(h => h.Teams).Index())
            foreach (var (lane, id) in ids.Index())
                places[id] = new(heat + 1, lane + 1);
            return [.. teams.Select(t => t with { Heat = places.GetValueOrDefault(t.Id) })];
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"{English.Count(Heats.Count, "heat")} drawn by number {Seed}";
    }
}
