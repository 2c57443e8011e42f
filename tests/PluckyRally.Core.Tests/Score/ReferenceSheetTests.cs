using PluckyRally.Core.Curves;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Score;

/// <summary>
/// A control, what is to beat and "by hand" have sheets of their own: recorded as a team's, without a place.
/// </summary>
public sealed class ReferenceSheetTests
{
    private static readonly Brief Brief = Sample.Brief(
        [Sample.Height()],
        [
            Sample.Part("height", new Curve.Rate(1)),
            new Part.Tally
            {
                Id = "walk",
                Name = "Walk",
                Counters = [Sample.Counter("help", "Helped", points: 2, hurts: true)],
            },
        ],
        3,
        [Sample.Inspection("stand", new Consequence.DoesNotPlace())]
    );

    [Fact]
    public void Its_sheet_takes_readings_must_haves_and_counters_and_it_takes_no_place()
    {
        var opened = Opened(
            Brief,
            [
                Added("bare", "Bare hull"),
                Trial("bare", "10"),
                Check("bare"),
                new Entry.Tallied
                {
                    Id = Id(),
                    Team = new("bare"),
                    Part = "walk",
                    Counter = "help",
                    Count = 1,
                },
                Trial("terns", "30"),
                Trial("terns", "20"),
                Trial("terns", "20"),
                Check("terns"),
            ]
        );
        var sheet = TeamSheet.For(opened, new("bare"), 1)!;
        sheet.ShouldSatisfyAllConditions(
            s => s.Name.ShouldBe("Bare hull"),
            s => s.Trials.ShouldHaveSingleItem().Shown.ShouldBe("10 cm"),
            s => s.Rules.ShouldHaveSingleItem().State.ShouldBe(RuleState.Met),
            s => s.Parts.ShouldHaveSingleItem().Answers["help"].ShouldBe("1"),
            s => s.Log.Count.ShouldBe(4)
        );
        var standings = opened.Result(1).Standings;
        standings.Rows.Select(r => r.Name).ShouldBe(["Terns", "Whelks"]);
        var line = standings.References.ShouldHaveSingleItem();
        (line.Reference.Name, line.TotalText, line.Reason).ShouldBe(
            ("Bare hull", "8.0", ""),
            "one attempt will do for it: 10 for the height, 2 off for help"
        );
        standings.Rows[0].Parts[0].Against.ShouldBe(["3 times “Bare hull”"]);
        TeamDetail
            .Of(opened, 1)[0]
            .Against.ShouldContain(new AgainstReference("height", Purpose.Control, "Bare hull", 10, 3));
        opened.Running.ShouldBe(1);
        RoundSheets.Of(opened, 1).Unfinished.ShouldBe(1, "only the team that has done nothing is waited for");
    }

    [Fact]
    public void Where_attempts_are_added_up_it_must_make_as_many()
    {
        var summed = Sample.Simple(3, Combine.Sum);
        Entry[] log = [Added("bare", "Control"), Trial("bare", "10"), Trial("bare", "10")];
        Opened(summed, log).Result(1).Standings.References.Single().Parts.Single().State.ShouldBe(PartState.Unfinished);
        Opened(summed, [.. log, Trial("bare", "10")])
            .Result(1)
            .Standings.References.Single()
            .Parts.Single()
            .ValueText.ShouldBe("30 cm");
    }

    [Fact]
    public void Points_that_are_made_by_comparing_teams_are_not_its_own_and_it_takes_nobodys()
    {
        var brief = Sample.Brief(
            [Sample.Height()],
            [
                Sample.Part("height", new Curve.Place([5, 3])),
                new Part.Tasks
                {
                    Id = "tasks",
                    Name = "Tasks",
                    Items = [Sample.Task("flag", "Flag", points: 4, firstTeams: 1)],
                },
            ]
        );
        var opened = Opened(
            brief,
            [
                Added("bare", "Control"),
                Trial("bare", "99"),
                new Entry.TaskTicked
                {
                    Id = Id(),
                    Team = new("bare"),
                    Part = "tasks",
                    Task = "flag",
                    Steps = 1,
                },
                .. new[] { "terns", "whelks" }.SelectMany(
                    (team, i) =>
                        new Entry[]
                        {
                            Trial(team, $"{30 - i}"),
                            new Entry.TaskTicked
                            {
                                Id = Id(),
                                Team = new(team),
                                Part = "tasks",
                                Task = "flag",
                                Steps = 1,
                            },
                        }
                ),
            ]
        );
        var standings = opened.Result(1).Standings;
        standings
            .Rows.Select(r => r.TotalText)
            .ShouldBe(["9.0", "3.0"], "first of two in both, though the control was before them");
        var line = standings.References.Single();
        line.Total.ShouldBeNull();
        (line.Parts[0].ValueText, line.Parts[0].Points).ShouldBe(("99 cm", null));
    }

    [Fact]
    public void A_teams_own_stands_before_the_classs_and_what_was_measured_once_holds_for_later_rounds()
    {
        Entry[] first =
        [
            Added("all", "Control"),
            Added("own", "Control") with
            {
                Of = new("whelks"),
            },
            Trial("all", "10"),
            Trial("own", "5"),
            .. Round("terns", 1),
            .. Round("whelks", 1),
        ];
        var opened = Opened(Sample.Simple(3), [.. first, .. Round("terns", 2), .. Round("whelks", 2)]);
        foreach (var round in new[] { 1, 2 })
        {
            var standings = opened.Result(round).Standings;
            standings
                .Rows.Select(r => $"{r.Name}: {r.Parts[0].Against.Single()}")
                .ShouldBe(["Terns: 2 times the control", "Whelks: 4 times the control"]);
            standings.References.Select(r => r.Round).ShouldBe([1, 1]);
        }

        static Entry[] Round(string team, int round) =>
            [.. Enumerable.Range(0, 3).Select(_ => Trial(team, "20") with { Round = round })];
    }

    [Theory]
    [InlineData("By hand", 10, "3 times as much as by hand")]
    [InlineData("Carried in buckets", 10, "3 times “Carried in buckets”")]
    [InlineData("By hand", 30, "as much as by hand")]
    [InlineData("By hand", 60, "0.5 times as much as by hand")]
    public void So_many_times_is_said_as_one_says_it(string name, int value, string says)
    {
        var opened = Opened(
            Sample.Simple(),
            [Added("bare", name) with { Purpose = Purpose.ByHand }, Trial("bare", $"{value}"), Trial("terns", "30")]
        );
        opened.Result(1).Standings.Rows[0].Parts[0].Against.ShouldBe([says]);
    }

    [Fact]
    public void What_is_no_teams_business_is_refused_and_struck_out_it_keeps_what_was_recorded()
    {
        var added = Added("bare", "By hand") with { Purpose = Purpose.ByHand };
        var opened = Opened(Brief, [added, Trial("bare", "10")]);
        Says(new Entry.CameLate { Id = Id(), Team = new("bare") }).ShouldBe("This is a comparison, not a team.");
        Says(new Entry.TeamAway { Id = Id(), Team = new("bare") }).ShouldBe("This is a comparison, not a team.");
        Says(Added("bare", "Another")).ShouldBe("There is a sheet of this id already.");
        Says(Added("terns", "Another")).ShouldBe("There is a team of this id already.");
        Says(Added("other", "by hand")).ShouldBe("“by hand” has a sheet already.");
        Says(Added("other", "Whelks")).ShouldBe("Another team is called “Whelks”.");
        Says(Added("other", "Another") with { Purpose = Purpose.Practice })
            .ShouldBe("What is scored or practised has no sheet of its own.");
        Says(Added("other", "Another") with { Of = new("gulls") }).ShouldBe("There is no such team in this rally.");
        Says(Added("other", " ")).ShouldBe("It has no name.");
        LogLine.OfLesson(opened, 1).ShouldHaveSingleItem().Says.ShouldBe("Comparison: By hand (by hand)");

        var strike = new Entry.StruckOut
        {
            Id = Id(),
            Team = new("bare"),
            Entry = added.Id,
        };
        var without = opened.With(Recorder.Accept(opened, strike).OrThrow()).OrThrow();
        without.References.ShouldBeEmpty();
        without
            .Aside.ShouldHaveSingleItem()
            .Entry.ShouldBeOfType<Entry.TrialRecorded>("what was read on it waits for it");
        without.NameOf(without.Aside[0].Entry).ShouldBe("By hand");
        var back = without.With(new Entry.StruckOut { Id = Id(), Entry = strike.Id }).OrThrow();
        back.Result(1).Standings.References.Single().Parts[0].ValueText.ShouldBe("10 cm");

        string Says(Entry entry) => Recorder.Accept(opened, entry).Problems[0].What;
    }

    private static OpenedRally Opened(Brief brief, IReadOnlyList<Entry> log)
    {
        var opened = OpenedRally.Open(new Happening(brief, "Terns", "Whelks").Rally).OrThrow();
        return log.Aggregate(opened, (so, entry) => so.With(Recorder.Accept(so, entry).OrThrow()).OrThrow());
    }

    private static Entry.ReferenceAdded Added(string id, string name) =>
        new()
        {
            Id = Id(),
            Team = new(id),
            Name = name,
            Purpose = Purpose.Control,
        };

    private static Entry.TrialRecorded Trial(string team, string typed) =>
        new()
        {
            Id = Id(),
            Team = new(team),
            Outcome = TrialOutcome.Counted,
            Readings = [new() { Measure = "height", Typed = typed }],
        };

    private static Entry.RuleChecked Check(string team) =>
        new()
        {
            Id = Id(),
            Team = new(team),
            Rule = "stand",
            Met = true,
        };

    private static EntryId Id() => new EntryId(Guid.CreateVersion7());
}
