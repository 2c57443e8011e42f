using PluckyRally.Core.Curves;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Tests.Teams;

/// <summary>Who is here: teams, jobs and what each team gets follow at once, and everything comes back.</summary>
public sealed class AttendanceTests
{
    private OpenedRally _rally = OpenedRally
        .Open(
            new Rally
            {
                Name = "A class",
                Edition = new Edition
                {
                    Brief = Sample.Brief([Sample.Height()], [Sample.Part("height", new Curve.ShareOfBest(10))]) with
                    {
                        Materials = [Sample.Material("straws", "straws", amount: 5, per: Per.Member)],
                    },
                },
                Teams =
                [
                    new Team
                    {
                        Id = new("a"),
                        Name = "Terns",
                        Members = 3,
                        Students =
                        [
                            new(new("p1"), "Mara T.", ["record", "materials"]),
                            new(new("p2"), "Ode B.", ["design"]),
                            new(new("p3"), "Sol V.", ["building"]),
                        ],
                    },
                    new Team
                    {
                        Id = new("b"),
                        Name = "Whelks",
                        Members = 1,
                        Students = [new(new("p4"), "Bo A.", [])],
                    },
                    Sample.Team(new("c"), "Snails", members: 4),
                ],
                Latecomers = [new(new("p5"), "Ilo K.")],
            }
        )
        .OrThrow();

    private readonly IReadOnlyList<Student> _class = [new(new("p1"), "Mara T."), new(new("p5"), "Ilo K.")];
    private int _ids;

    [Fact]
    public void The_list_has_everybody_of_the_class_and_teams_without_names_as_a_whole() =>
        Lines()
            .ShouldBe([
                "Bo A. here: Whelks",
                "Ilo K. absent: ",
                "Mara T. here: Terns · Keeps the record · Looks after materials",
                "Ode B. here: Terns · Leads the design",
                "Snails here: 4 students",
                "Sol V. here: Terns · Leads the building",
            ]);

    [Fact]
    public void The_others_take_over_the_jobs_of_whoever_is_absent_and_give_them_back()
    {
        Straws("a").ShouldBe(15);
        Turn("p1", here: false);
        Jobs("a").ShouldBe(["Ode B. design+record", "Sol V. building+materials"], "shared out, not all on one head");
        Straws("a").ShouldBe(10, "what is given to each student follows");
        Lines().ShouldContain("Mara T. absent: Terns");
        Turn("p1", here: true);
        Jobs("a").ShouldBe(["Ode B. design", "Sol V. building", "Mara T. record+materials"]);
        Straws("a").ShouldBe(15);
    }

    [Fact]
    public void A_team_of_which_nobody_is_here_is_away_until_somebody_comes()
    {
        Turn("p4", here: false);
        _rally.In(1).Present.Select(t => t.Name).ShouldBe(["Terns", "Snails"]);
        Lines().ShouldContain("Bo A. absent: Whelks");
        Lines().ShouldNotContain(l => l.StartsWith("Whelks"));
        Turn("p4", here: true);
        _rally.In(1).Present.Select(t => t.Name).ShouldBe(["Terns", "Whelks", "Snails"]);
    }

    [Fact]
    public void A_team_without_names_is_absent_as_a_whole()
    {
        Turn("c", here: false);
        Lines().ShouldContain("Snails absent: 4 students");
        Turn("c", here: true);
        Lines().ShouldContain("Snails here: 4 students");
    }

    [Fact]
    public void Who_was_in_no_team_comes_to_the_smallest_that_the_class_has_nothing_against()
    {
        Turn(
            "p5",
            here: true,
            new()
            {
                Apart =
                [
                    [new("p4"), new("p5")],
                ],
            }
        );
        Lines().ShouldContain(l => l.StartsWith("Ilo K. here: Terns"));
        Turn("p5", here: false);
        Turn("p5", here: true);
        Lines().ShouldContain(l => l.StartsWith("Ilo K. here: Terns"), "back to the same team");
    }

    [Fact]
    public void Turning_to_what_is_so_already_records_nothing()
    {
        Attendance.Turn(_rally, 1, "p1", true, new()).ShouldBeEmpty();
        Attendance.Turn(_rally, 1, "p5", false, new()).ShouldBeEmpty();
        Attendance.Turn(_rally, 1, "c", true, new()).ShouldBeEmpty();
    }

    [Fact]
    public void Absent_in_the_second_round_is_here_in_the_first()
    {
        Turn("p1", here: false, round: 2);
        Lines(1).ShouldContain(l => l.StartsWith("Mara T. here"));
        Lines(2).ShouldContain("Mara T. absent: Terns");
    }

    private void Turn(string who, bool here, TeamPreferences? preferences = null, int round = 1)
    {
        foreach (var entry in Attendance.Turn(_rally, round, who, here, preferences ?? new()))
            _rally = _rally.With(entry with { Id = new(new Guid(++_ids, 0, 0, new byte[8])) }).OrThrow();
    }

    private IEnumerable<string> Lines(int round = 1) =>
        Attendance
            .Of(_rally, round, [.. _class, .. _rally.Rally.Latecomers])
            .Select(l => $"{l.Name} {(l.Here ? "here" : "absent")}: {l.Note}");

    private IEnumerable<string> Jobs(string team) =>
        _rally.In(1).Teams.First(t => t.Id.Value == team).Students.Select(p => $"{p.Name} {string.Join('+', p.Jobs)}");

    private decimal Straws(string team) =>
        TeamKit.Of(_rally.In(1), _rally.Stands).First(k => k.Team.Value == team).Lines.Single().Due;
}
