using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(TeamJoined), "teamJoined")]
[JsonDerivedType(typeof(TeamChanged), "teamChanged")]
[JsonDerivedType(typeof(TeamAway), "teamAway")]
[JsonDerivedType(typeof(TeamBack), "teamBack")]
[JsonDerivedType(typeof(StudentPlaced), "pupilPlaced")]
public abstract partial record Entry
{
    /// <summary>An entry that says which teams there are and who is in them, from its round on.</summary>
    public abstract record OfTeams : Entry
    {
        internal sealed override bool IsTeachers => true;

        internal sealed override bool GoesIntoClosedRound => true;

        internal sealed override bool BeginsRound => false;

        internal sealed override bool IsOfLesson => true;

        internal sealed override bool ChangesTeams => true;

        internal sealed override bool ChangesOthers(Trials trials) => true;

        /// <summary>Whether it holds in a round: from its own on.</summary>
        internal virtual bool HoldsIn(int round) => Round <= round;

        /// <summary>The teams after it.</summary>
        internal abstract IReadOnlyList<Team> Apply(IReadOnlyList<Team> teams, Roster roster);

        /// <summary>A team with what an entry says of it.</summary>
        private protected static IReadOnlyList<Team> With(
            IReadOnlyList<Team> teams,
            TeamId id,
            Func<Team, Team> change
        ) => [.. teams.Select(t => t.Id == id ? change(t) : t)];
    }

    /// <summary>A team came to the rally later than the others.</summary>
    public sealed record TeamJoined : OfTeams
    {
        /// <summary>What it is called.</summary>
        public required string Name { get; init; }

        /// <summary>Two letters or digits; made of its name where empty.</summary>
        [JsonPropertyName("callSign")]
        public string ShortCode { get; init; } = "";

        /// <summary>How many students are in it; 0 where that is not known.</summary>
        public int Members { get; init; }

        internal override string? IntroducedName => Name;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.NotEmpty(Name, "/name", "The team has no name.", "Type a name.");
            Roster.CheckTeam(Name, ShortCode, Members, "", found);
            found.Unless(
                Team.Value.Length is > 0 and <= 40,
                "/team",
                "The team's id is empty or too long.",
                "The device that writes the entry gives it one of at most 40 characters."
            );
            return this;
        }

        internal override Entry Join(LogToJoin log, ProblemCollector found)
        {
            Roster.CheckFree(log.Round.Teams, Team, Name, ShortCode, found);
            found.Unless(
                log.Round.Teams.Count < Limits.Teams,
                "/team",
                $"There are {Limits.Teams} teams, and no more fit.",
                "Start another rally for the rest."
            );
            return this;
        }

        internal override IReadOnlyList<Team> Apply(IReadOnlyList<Team> teams, Roster roster) =>
            teams.Any(t => t.Id == Team)
                ? teams
                :
                [
                    .. teams,
                    new Team
                    {
                        Id = Team,
                        Name = Name.Trim(),
                        ShortCode = ShortCode,
                        Members = Members,
                    },
                ];

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"{Name} joined the rally{(Round > 1 ? $" in round {Round}" : "")}";
    }

    /// <summary>
    /// A team was renamed, or has another number of students; what is absent stays as it was.
    /// </summary>
    public sealed record TeamChanged : OfTeams
    {
        /// <summary>What it is called from now on.</summary>
        public string? Name { get; init; }

        /// <summary>Its short code from now on.</summary>
        [JsonPropertyName("callSign")]
        public string? ShortCode { get; init; }

        /// <summary>Which pennant it has from now on, from 0.</summary>
        public int? Pennant { get; init; }

        /// <summary>How many students are in it from now on, where they are not known by name.</summary>
        public int? Members { get; init; }

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.Unless(
                Name is not null || ShortCode is not null || Pennant is not null || Members is not null,
                "",
                "Nothing is changed.",
                "Give a name, a short code or a number."
            );
            if (Name is not null)
                found.NotEmpty(Name, "/name", "The team has no name.", "Type a name.");
            Roster.CheckTeam(Name ?? "", ShortCode ?? "", Members ?? 0, "", found);
            Roster.CheckPennant(Pennant, "", found);
            return this;
        }

        internal override Entry Join(LogToJoin log, ProblemCollector found)
        {
            Roster.CheckFree(
                [.. log.Round.Teams.Where(t => t.Id != Team)],
                default,
                Name ?? "",
                ShortCode ?? "",
                found
            );
            return this;
        }

        internal override IReadOnlyList<Team> Apply(IReadOnlyList<Team> teams, Roster roster) =>
            With(teams, Team, t =>
                t with
                {
                    Name = Name?.Trim() ?? t.Name,
                    ShortCode = ShortCode ?? t.ShortCode,
                    Pennant = Pennant ?? t.Pennant,
                    Members = Members ?? t.Members,
                }
            );

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            "Team changed: "
            + string.Join(
                ", ",
                new[]
                {
                    Name,
                    ShortCode is { } sign ? $"short code {sign}" : null,
                    Pennant is not null ? "another pennant" : null,
                    Members is { } members ? English.Count(members, "student") : null,
                }.OfType<string>()
            );
    }

    /// <summary>A team takes no place from now on: it is absent, or has left. What it did stays with it.</summary>
    public sealed record TeamAway : OfTeams
    {
        /// <summary>Why, for the list.</summary>
        public string Reason { get; init; } = "";

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.Length(Reason, Limits.Name, "/reason", "The reason");
            return this;
        }

        internal override IReadOnlyList<Team> Apply(IReadOnlyList<Team> teams, Roster roster) =>
            With(teams, Team, t => t with { Away = Reason.Length > 0 ? Reason : "absent" });

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"Not ranked: {(Reason.Length > 0 ? Reason : "absent")}";
    }

    /// <summary>A team takes part again.</summary>
    public sealed record TeamBack : OfTeams
    {
        internal override Entry Understand(
            CompiledEdition compiled,
            IReadOnlyList<Team> teams,
            ProblemCollector found
        ) => this;

        internal override IReadOnlyList<Team> Apply(IReadOnlyList<Team> teams, Roster roster) =>
            With(teams, Team, t => t with { Away = null });

        internal override string Say(CompiledEdition compiled, int? attempt) => "Takes part again";
    }

    /// <summary>
    /// A student is in this team from now on, wherever else before; in none, where it is the class's. Names are not in
    /// the log.
    /// </summary>
    public sealed record StudentPlaced : OfTeams
    {
        /// <summary>The student's id.</summary>
        [JsonPropertyName("pupil")]
        public required StudentId Student { get; init; }

        /// <summary>
        /// The jobs held from now on, by their ids; whoever had one of them in the team has it no longer.
        /// </summary>
        public IReadOnlyList<string> Jobs { get; init; } = [];

        internal override bool MayBeOfClass => true;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.Unless(
                Student.Value.Length is > 0 and <= 60,
                "/pupil",
                "The entry names no student.",
                "Choose one of the class."
            );
            found.Count(Jobs, Limits.Items, "/jobs", "jobs");
            return this;
        }

        internal override IReadOnlyList<Team> Apply(IReadOnlyList<Team> teams, Roster roster)
        {
            var had = teams.SelectMany(t => t.Students).FirstOrDefault(p => p.Id == Student);
            var placed = new TeamStudent(Student, had?.Name ?? roster.NameOf(Student), Jobs);
            return
            [
                .. teams.Select(t =>
                    t.Id == Team ? With(t, placed)
                    : t.Students.Any(p => p.Id == Student) ? Of(t, [.. t.Students.Where(p => p.Id != Student)])
                    : t
                ),
            ];
        }

        /// <summary>Who is in the team already keeps the place in its list.</summary>
        private static Team With(Team team, TeamStudent placed)
        {
            var others = team
                .Students.Select(p =>
                    p.Id == placed.Id ? placed
                    : p.Jobs.Any(placed.Jobs.Contains) ? p with { Jobs = [.. p.Jobs.Except(placed.Jobs)] }
                    : p
                )
                .ToList();
            return Of(team, team.Students.Any(p => p.Id == placed.Id) ? others : [.. others, placed]);
        }

        /// <summary>Students whose names are not known stay in the count.</summary>
        private static Team Of(Team team, IReadOnlyList<TeamStudent> students) =>
            team with
            {
                Students = students,
                Members = Math.Max(0, team.Members + students.Count - team.Students.Count),
            };

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            Team != default ? "A student joined the team" : "A student left";
    }
}
