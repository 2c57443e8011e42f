using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Run;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(PlanCleared), "planCleared")]
[JsonDerivedType(typeof(CameLate), "cameLate")]
[JsonDerivedType(typeof(TestOrderSet), "testOrderSet")]
[JsonDerivedType(typeof(HoldBegun), "holdBegun")]
[JsonDerivedType(typeof(AttemptsCut), "attemptsCut")]
[JsonDerivedType(typeof(PlacesOpened), "placesOpened")]
[JsonDerivedType(typeof(WallSet), "wallSet")]
public abstract partial record Entry
{
    /// <summary>The teacher has looked at a team's plan and approved it; the team may fetch its material.</summary>
    public sealed record PlanCleared : Entry
    {
        internal override bool IsTeachers => true;

        internal override Entry Understand(
            CompiledEdition compiled,
            IReadOnlyList<Team> teams,
            ProblemCollector found
        ) => this;

        internal override string Say(CompiledEdition compiled, int? attempt) => "Plan approved";
    }

    /// <summary>A team had not let go when time was up. What that costs is said by the brief.</summary>
    public sealed record CameLate : Entry
    {
        internal override bool IsTeachers => false;

        internal override bool MayBeOfReference => false;

        internal override Entry Understand(
            CompiledEdition compiled,
            IReadOnlyList<Team> teams,
            ProblemCollector found
        ) => this;

        internal override string Say(CompiledEdition compiled, int? attempt) => "Late: had not let go when time was up";
    }

    /// <summary>
    /// The order in which teams are tested, such as the smallest looking first. The last word stands.
    /// </summary>
    public sealed record TestOrderSet : Entry
    {
        /// <summary>The teams' ids; teams that are not named come after those that are, in their own order.</summary>
        public required IReadOnlyList<TeamId> Teams { get; init; }

        /// <summary>Those of them that another rally of the same lesson has; absent where none does.</summary>
        public IReadOnlyList<TeamId>? Beside { get; init; }

        internal override bool IsTeachers => true;

        internal override bool MayBeOfClass => true;

        internal override bool IsOfLesson => true;

        internal override bool IsOfWholeLesson => true;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.Unless(Team == default, "/team", "The order is the whole class's.", "Leave the team out.");
            for (var i = 0; i < Teams.Count; i++)
                found.Unless(
                    teams.Any(t => t.Id == Teams[i]) || Beside?.Contains(Teams[i]) is true,
                    $"/teams/{i}",
                    "There is no such team in this rally.",
                    "Name the rally's teams, each once."
                );
            return this;
        }

        internal override Entry RunBeside(IReadOnlyList<Team> others) =>
            this with
            {
                Beside = NamedBeside(Teams, others),
            };

        internal override string Say(CompiledEdition compiled, int? attempt) => "The order of the test was set";
    }

    /// <summary>
    /// Everybody has let go, and the hold is being counted from <see cref="Entry.At"/>, the server's time.
    /// </summary>
    public sealed record HoldBegun : OfClock
    {
        private protected override void Check(CompiledEdition compiled, ProblemCollector found) { }

        internal override ClockSoFar Apply(ClockSoFar so, IReadOnlyList<ClockPhase> phases, Brief brief) =>
            so.Run is null ? so : so with { Hold = new(At, brief.Trials.HoldSeconds) };

        internal override string Say(CompiledEdition compiled, int? attempt) => "Everybody let go; the hold is counted";
    }

    /// <summary>
    /// The class makes fewer attempts than the brief says. Each team's first ones count, the same for all.
    /// </summary>
    public sealed record AttemptsCut : OfClock
    {
        /// <summary>How many attempts each design has from now on.</summary>
        public required int Attempts { get; init; }

        private protected override void Check(CompiledEdition compiled, ProblemCollector found)
        {
            var attempts = compiled.Brief.Trials.Attempts;
            found.Unless(
                Attempts >= 1 && Attempts <= attempts,
                "/attempts",
                "The number of attempts is out of range.",
                $"Use 1 to {attempts}."
            );
        }

        internal override bool ChangesEdition => true;

        internal override bool ChangesOthers(Trials trials) => true;

        internal override Brief Lay(Brief brief, Brief whole) =>
            LessonCuts.WithAttempts(brief, Math.Min(Attempts, whole.Trials.Attempts));

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"Cut to {English.Count(Attempts, "attempt")}";
    }

    /// <summary>A phase that goes team by team is tested at more tables, or fewer, than the brief says.</summary>
    public sealed record PlacesOpened : OfClock
    {
        /// <summary>The phase's id.</summary>
        public required string Phase { get; init; }

        /// <summary>How many teams are served at once.</summary>
        public required int Places { get; init; }

        private protected override void Check(CompiledEdition compiled, ProblemCollector found)
        {
            found.Unless(
                compiled.Brief.Timing.Phases.Any(p => p.Id == Phase && p.TeamByTeam),
                "/phase",
                "There is no phase of this name that goes team by team.",
                "Name the phase of the test."
            );
            found.Unless(
                Places is >= 1 and <= Limits.Teams,
                "/places",
                "The number of places is out of range.",
                $"Use 1 to {Limits.Teams}."
            );
        }

        internal override bool ChangesEdition => true;

        internal override bool ChangesOthers(Trials trials) => true;

        internal override Brief Lay(Brief brief, Brief whole) => LessonCuts.WithPlaces(brief, Phase, Places);

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"Tested at {English.Count(Places, "table")}";
    }

    /// <summary>The teacher chose what the wall shows.</summary>
    public sealed record WallSet : OfClock
    {
        /// <summary>The clock or the board.</summary>
        public required WallShows Shows { get; init; }

        /// <summary>For the board: how many places are revealed, from the last.</summary>
        public int Revealed { get; init; }

        /// <summary>For a question: which one, from 1.</summary>
        public int Question { get; init; }

        /// <summary>For a picture, or for a question that has one beside it: which one.</summary>
        public PlotShown? Plot { get; init; }

        /// <summary>For the board: what it is of. Empty for the totals.</summary>
        public string Of { get; init; } = "";

        /// <summary>For the gallery: how it is shown.</summary>
        public GalleryShown? Gallery { get; init; }

        /// <summary>For a list over several rallies: which.</summary>
        public Combined? OverAll { get; init; }

        internal override bool IsOfLesson => false;

        /// <summary>A board, a picture, a question is one rally's.</summary>
        internal override bool IsOfWholeLesson => false;

        private protected override void Check(CompiledEdition compiled, ProblemCollector found)
        {
            found.Unless(
                Revealed is >= 0 and <= Limits.Teams * Combined.Most,
                "/revealed",
                "That many places cannot be revealed.",
                $"Use 0 to {Limits.Teams * Combined.Most}."
            );
            found.Unless(
                Shows != WallShows.OverAll || OverAll is { Rallies.Count: <= Combined.Most },
                "/overAll",
                "No rallies are named, or too many are.",
                $"Choose them under Combined results, at most {Combined.Most}."
            );
            found.AddAll((OverAll?.Problems() ?? []).Select(p => p.Under("/overAll")));
            found.Unless(
                Shows != WallShows.Plot || Plot is not null,
                "/plot",
                "No picture is named.",
                "Choose one under Results."
            );
            found.Length(Plot?.Title ?? "", Limits.Text, "/plot/title", "The title");
            found.Unless(
                Shows != WallShows.Gallery || Gallery is not null,
                "/gallery",
                "The gallery has no settings.",
                "Choose it under Results."
            );
            found.Unless(
                Of.Length == 0 || BoardChoice.All(compiled, rounds: true).Any(b => b.Of == Of),
                "/of",
                "The brief has nothing like this to reveal.",
                "Leave it empty for the totals, or name a figure or an award."
            );
        }

        internal override Entry Join(LogToJoin log, ProblemCollector found)
        {
            if (this is not { Shows: WallShows.Board, Of: Board.OfRounds, Revealed: > 0 })
                return this;
            var over = RoundsStanding.Chosen(log.Stands, log.Compiled.Brief.Method);
            var last = log.Stands.Select(e => e.Round).DefaultIfEmpty(1).Max();
            var rounds = RoundsStanding.StillHidden(over, Enumerable.Range(1, last), log.Stands, round =>
                log.Round.Back(round).Present.Count
            );
            if (rounds.Count > 0)
            {
                var (what, remedy) = RoundsStanding.NotRevealed(rounds);
                found.Add("/of", what, remedy);
            }

            return this;
        }

        internal override ClockSoFar Apply(ClockSoFar so, IReadOnlyList<ClockPhase> phases, Brief brief) =>
            so with
            {
                Wall = new(Shows, Revealed, Question)
                {
                    Round = Round,
                    Plot = Plot,
                    Of = Of,
                    Gallery = Gallery,
                    OverAll = OverAll,
                },
            };

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            Shows switch
            {
                WallShows.Clock => "The wall shows the clock",
                WallShows.Board => "The wall shows the board"
                    + (
                        BoardChoice.All(compiled, rounds: true).FirstOrDefault(b => b.Of == Of && Of.Length > 0)
                            is { } board
                            ? $" of {SentenceCase.Sentence(board.Name)}"
                            : ""
                    )
                    + $", {English.Count(Revealed, "team")} revealed",
                WallShows.Question => $"The wall shows question {Question}",
                WallShows.OverAll => $"The wall shows the combined results, {English.Count(Revealed, "team")} revealed",
                WallShows.Gallery => "The wall shows the gallery",
                WallShows.Plot => $"The wall shows a picture: {Plot?.Title}",
            };
    }
}
