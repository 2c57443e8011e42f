using PluckyRally.Core.Curves;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Route;
using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Tests.Teams;

/// <summary>
/// Who is in a rally, as its log leaves it: teams come late, are called otherwise, are away and back; students come,
/// move
/// and leave.
/// </summary>
public sealed class RosterTests
{
    private OpenedRally _rally = OpenedRally
        .Open(
            new Rally
            {
                Name = "A class",
                Edition = new Edition
                {
                    Brief = Sample.Brief([Sample.Height()], [Sample.Part("height", new Curve.ShareOfBest(10))]),
                },
                Teams =
                [
                    new Team
                    {
                        Id = new("a"),
                        Name = "Terns",
                        Members = 2,
                        Students = [new(new("p1"), "Mara T.", ["record"]), new(new("p2"), "Ode B.", [])],
                    },
                    Sample.Team(new("b"), "Whelks", members: 4),
                ],
                Latecomers = [new(new("p9"), "Ilo K.")],
            }
        )
        .OrThrow();

    private int _ids;

    [Fact]
    public void A_team_that_is_away_takes_no_place_sets_no_best_and_holds_nobody_up()
    {
        Tried("a", "40");
        Tried("b", "80");
        Rows().ShouldBe(["Whelks 1st 10.0", "Terns 2nd 5.0"]);
        var away = Keep(
            new Entry.TeamAway
            {
                Id = NextId(),
                Team = new("b"),
                Reason = "left at ten",
            }
        );
        Rows().ShouldBe(["Terns Placed ", "Whelks Away left at ten"], "nobody is first of one");
        _rally.Result(1).Standings.Rows[0].TotalText.ShouldBe("10.0", "the best is its own now");
        Bunting.OfRally(_rally, 1).Single(p => p.Station == Station.Score).Missing.ShouldBe(0);
        _rally.In(1).Present.ShouldHaveSingleItem();

        // What it did stays with it, and counts again when it is back.
        Keep(new Entry.TeamBack { Id = NextId(), Team = new("b") });
        Rows().ShouldBe(["Whelks 1st 10.0", "Terns 2nd 5.0"]);
        Keep(new Entry.StruckOut { Id = NextId(), Entry = away });
        Rows().ShouldBe(["Whelks 1st 10.0", "Terns 2nd 5.0"]);
    }

    [Fact]
    public void A_team_that_joins_in_the_second_round_is_not_in_the_first()
    {
        Keep(
            new Entry.TeamJoined
            {
                Id = NextId(),
                Team = new("late"),
                Round = 2,
                Name = "Gannets",
                Members = 3,
            }
        );
        _rally.In(1).Teams.Select(t => t.Name).ShouldBe(["Terns", "Whelks"]);
        _rally.In(2).Teams.Select(t => t.Name).ShouldBe(["Terns", "Whelks", "Gannets"]);
        Tried("late", "30", round: 2);
        _rally.Result(2).Standings.Rows.Single(r => r.Team.Value == "late").Total.ShouldBe(10);
        var anew = OpenedRally.Open(_rally.Rally with { Teams = _rally.Joined, Entries = _rally.Received }).OrThrow();
        Json.Write(anew.Result(2).Standings).ShouldBe(Json.Write(_rally.Result(2).Standings));
    }

    [Fact]
    public void What_was_recorded_for_a_team_that_was_taken_back_is_kept_aside()
    {
        var joined = Keep(
            new Entry.TeamJoined
            {
                Id = NextId(),
                Team = new("late"),
                Name = "Gannets",
            }
        );
        Tried("late", "30");
        Keep(new Entry.StruckOut { Id = NextId(), Entry = joined });
        _rally.Aside.ShouldHaveSingleItem().Problems.ShouldHaveSingleItem().At.ShouldBe("/entries/1/team");
    }

    [Fact]
    public void A_team_is_called_otherwise_everywhere_from_then_on()
    {
        Tried("b", "80");
        Keep(
            new Entry.TeamChanged
            {
                Id = NextId(),
                Team = new("b"),
                Name = "Winkles",
                Members = 5,
            }
        );
        _rally
            .In(1)
            .Teams[1]
            .ShouldSatisfyAllConditions(
                t => t.Name.ShouldBe("Winkles"),
                t => t.Members.ShouldBe(5),
                t => t.ShortCode.ShouldBe("")
            );
        _rally.Result(1).Standings.Rows[0].Name.ShouldBe("Winkles");
        LogLine.OfLesson(_rally, 1)[0].Says.ShouldBe("Winkles: team changed: Winkles, 5 students");
    }

    [Fact]
    public void Students_come_late_move_and_leave()
    {
        Keep(
            new Entry.StudentPlaced
            {
                Id = NextId(),
                Team = new("a"),
                Student = new("p9"),
            }
        );
        Students().ShouldBe(["Mara T.+Ode B.+Ilo K. (3)", " (4)"]);
        Keep(
            new Entry.StudentPlaced
            {
                Id = NextId(),
                Team = new("b"),
                Student = new("p1"),
                Jobs = ["building"],
            }
        );
        Students().ShouldBe(["Ode B.+Ilo K. (2)", "Mara T. (5)"]);
        _rally.In(1).Teams[1].Students[0].Jobs.ShouldBe(["building"]);
        Keep(new Entry.StudentPlaced { Id = NextId(), Student = new("p2") });
        Students().ShouldBe(["Ilo K. (1)", "Mara T. (5)"]);
        LogLine
            .OfTeams(_rally, 1)
            .Select(l => l.Says)
            .ShouldBe(["Ode B. left", "Mara T. came to Whelks", "Ilo K. came to Terns"]);
    }

    [Fact]
    public void A_job_is_one_students_of_the_team_and_is_said_in_the_log()
    {
        Keep(
            new Entry.StudentPlaced
            {
                Id = NextId(),
                Team = new("a"),
                Student = new("p2"),
                Jobs = ["design"],
            }
        );
        Keep(
            new Entry.StudentPlaced
            {
                Id = NextId(),
                Team = new("a"),
                Student = new("p2"),
                Jobs = ["design", "record"],
            }
        );
        Keep(
            new Entry.StudentPlaced
            {
                Id = NextId(),
                Team = new("b"),
                Student = new("p9"),
                Jobs = ["record"],
            }
        );
        _rally
            .In(1)
            .Teams[0]
            .Students.Select(p => $"{p.Name} {string.Join('+', p.Jobs)}")
            .ShouldBe(["Mara T. ", "Ode B. design+record"], "in their order, and nothing taken from another team's");
        Keep(
            new Entry.StudentPlaced
            {
                Id = NextId(),
                Team = new("a"),
                Student = new("p2"),
            }
        );
        LogLine
            .OfTeams(_rally, 1)
            .Select(l => l.Says)
            .ShouldBe([
                "Ode B. in Terns: no job",
                "Ilo K. came to Whelks",
                "Ode B. in Terns: keeps the record, leads the design",
                "Ode B. in Terns: leads the design",
            ]);
    }

    [Theory]
    [InlineData("", "late", "/name")]
    [InlineData("terns", "late", "/name")]
    [InlineData("Gannets", "a", "/team")]
    [InlineData("Gannets", "", "/team")]
    public void A_team_that_cannot_join_is_refused(string name, string id, string at) =>
        Recorder
            .Accept(
                _rally,
                new Entry.TeamJoined
                {
                    Id = NextId(),
                    Team = new(id),
                    Name = name,
                }
            )
            .Problems.Select(p => p.At)
            .ShouldContain(at);

    [Fact]
    public void A_change_that_is_none_or_takes_anothers_name_is_refused()
    {
        Recorder
            .Accept(_rally, new Entry.TeamChanged { Id = NextId(), Team = new("a") })
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("");
        Recorder
            .Accept(
                _rally,
                new Entry.TeamChanged
                {
                    Id = NextId(),
                    Team = new("a"),
                    Name = "whelks",
                }
            )
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/name");
        Recorder
            .Accept(
                _rally,
                new Entry.TeamChanged
                {
                    Id = NextId(),
                    Team = new("a"),
                    Name = "TERNS",
                }
            )
            .IsOk.ShouldBeTrue("its own name, written otherwise");
        Recorder
            .Accept(
                _rally,
                new Entry.StudentPlaced
                {
                    Id = NextId(),
                    Team = new("a"),
                    Student = default,
                }
            )
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/pupil");
    }

    [Fact]
    public void Preferences_of_the_class_are_looked_at_when_a_student_is_placed()
    {
        Keep(
            new Entry.StudentPlaced
            {
                Id = NextId(),
                Team = new("b"),
                Student = new("p9"),
            }
        );
        var preferences = new TeamPreferences
        {
            Apart =
            [
                [new("p1"), new("p9")],
            ],
            Together =
            [
                [new("p1"), new("p2")],
            ],
            Earlier = [new(new("p9"), new("p1"), 2)],
        };
        Placing
            .Says(_rally.In(1).Teams, new("p1"), new("b"), preferences)
            .ShouldBe([
                "Mara T. and Ilo K. are to be kept apart.",
                "Mara T. and Ode B. should be together.",
                "Mara T. has worked with Ilo K. 2 times before.",
            ]);
        Placing.Says(_rally.In(1).Teams, new("p2"), new("a"), preferences).ShouldBeEmpty();
    }

    private IEnumerable<string> Rows() =>
        _rally
            .Result(1)
            .Standings.Rows.Select(r =>
                r.Place is null ? $"{r.Name} {r.Status} {r.Reason}" : $"{r.Name} {r.PlaceText} {r.TotalText}"
            );

    private IEnumerable<string> Students() =>
        _rally.In(1).Teams.Select(t => $"{string.Join('+', t.Students.Select(p => p.Name))} ({t.Members})");

    private void Tried(string team, string typed, int round = 1) =>
        Keep(
            new Entry.TrialRecorded
            {
                Id = NextId(),
                Team = new(team),
                Round = round,
                Outcome = TrialOutcome.Counted,
                Readings = [new() { Measure = "height", Typed = typed }],
            }
        );

    private EntryId Keep(Entry entry)
    {
        _rally = _rally.With(Recorder.Accept(_rally, entry).OrThrow()).OrThrow();
        return entry.Id;
    }

    private EntryId NextId() => new(new Guid(++_ids, 0, 0x7000, 0x80, 0, 0, 0, 0, 0, 0, 1));
}
