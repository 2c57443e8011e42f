using PluckyRally.Core.Parts;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Parts;

public sealed class TasksTests
{
    private static readonly Part.Tasks Harbour = new()
    {
        Id = "harbour",
        Name = "Harbour",
        Items =
        [
            Sample.Task("light", "Light the lamp", points: 6, firstTeams: 2),
            Sample.Task("haul", "Haul four pots", points: 10, steps: 4),
        ],
        AllDoneBonus = 5,
    };

    [Fact]
    public void Tasks_partly_done_give_whole_steps()
    {
        var rally = new OnePart(Harbour);
        rally.Row().Status.ShouldBe(StandingStatus.Unfinished);
        rally.Add(Tick(rally, "A", "haul", 3));
        rally.Points().ShouldBe(7.5m);
        rally.Row().Why.ShouldContain(w => w.Sentence == "Haul four pots, 3 of 4 steps: 7.5 points.");
    }

    [Fact]
    public void The_bonus_is_given_when_all_are_done()
    {
        var rally = new OnePart(Harbour);
        rally.Add(Tick(rally, "A", "haul"));
        rally.Add(Tick(rally, "A", "light"));
        rally.Points().ShouldBe(21);
    }

    [Fact]
    public void Only_the_first_teams_get_points_and_a_late_one_still_counts_as_done()
    {
        var rally = new OnePart(Harbour, "A", "B", "C");
        foreach (var team in new[] { "B", "C", "A" })
            rally.Add(Tick(rally, team, "light"));
        rally.Add(Tick(rally, "A", "haul"));
        rally.Points("B").ShouldBe(6);
        rally.Points("C").ShouldBe(6);
        rally.Points("A").ShouldBe(15);
    }

    [Fact]
    public void A_judge_may_overrule_who_was_among_the_first()
    {
        var rally = new OnePart(Harbour, "A", "B", "C");
        foreach (var team in new[] { "B", "C", "A" })
            rally.Add(Tick(rally, team, "light"));
        rally.Add(Tick(rally, "A", "light") with { AmongFirst = true });
        rally.Points("A").ShouldBe(6);
        rally.Points("C").ShouldBe(0);
    }

    [Fact]
    public void A_slot_once_taken_stays_taken()
    {
        var rally = new OnePart(
            Harbour with
            {
                Items = [Harbour.Items[0] with { FirstTeams = 1, Steps = 2 }],
            },
            "A",
            "B"
        );
        rally.Add(Tick(rally, "A", "light"));
        rally.Add(Tick(rally, "B", "light"));
        rally.Add(Tick(rally, "A", "light", 1));
        rally.Points("A").ShouldBe(3);
        rally.Points("B").ShouldBe(5);
    }

    [Theory]
    [InlineData(false, 10)]
    [InlineData(true, 10.2)]
    public void Time_points_count_completed_units_unless_stated(bool exact, decimal points)
    {
        // 2:00 less 1:08.9 leaves 51.1 s: ten completed units of 5 s.
        var rally = new OnePart(
            new Part.Tasks
            {
                Id = "t",
                Name = "T",
                Items = [Sample.Task("a", "A", points: 0)],
                TimePoints = new TimePoints(120, 5, 1, exact),
            }
        );
        rally.Add(Tick(rally, "A", "a") with { Part = "t" });
        rally.Row().Status.ShouldBe(StandingStatus.Unfinished);
        rally.Add(
            new Entry.TasksTimed
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "t",
                Time = new Reading { Measure = "t", Typed = "1:08.9" },
            }
        );
        rally.Points().ShouldBe(points);
    }

    [Fact]
    public void What_is_not_on_the_list_is_refused()
    {
        var rally = new OnePart(Harbour);
        rally.Refused(Tick(rally, "A", "paint")).ShouldBe(["/task"]);
        rally.Refused(Tick(rally, "A", "haul", 5)).ShouldBe(["/steps"]);
        rally.Refused(Tick(rally, "A", "haul") with { Part = "x" }).ShouldBe(["/part"]);
    }

    private static Entry.TaskTicked Tick(OnePart rally, string team, string task, int? steps = null) =>
        new()
        {
            Id = rally.Id(),
            Team = new(team),
            Part = "harbour",
            Task = task,
            Steps = steps,
        };

    [Fact]
    public void Where_the_devices_clocks_say_another_order_that_is_shown_and_the_teacher_may_rule()
    {
        var rally = new OnePart(
            new Part.Tasks
            {
                Id = "tasks",
                Name = "Tasks",
                Items = [Sample.Task("lamp", "Lamp", points: 6, firstTeams: 1)],
            },
            "A",
            "B"
        );
        var nine = new DateTimeOffset(2026, 11, 26, 9, 0, 0, TimeSpan.Zero);
        rally.Add(
            new Entry.TaskTicked
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "tasks",
                Task = "lamp",
                At = nine.AddSeconds(10),
                DeviceAt = nine.AddSeconds(9),
            }
        );
        rally.Add(
            new Entry.TaskTicked
            {
                Id = rally.Id(),
                Team = new("B"),
                Part = "tasks",
                Task = "lamp",
                At = nine.AddSeconds(20),
                DeviceAt = nine.AddSeconds(1),
            }
        );
        (rally.Points("A"), rally.Points("B")).ShouldBe((6, 0));
        rally
            .Row("A")
            .Why[0]
            .Sentence.ShouldBe(
                "Lamp: 6 points. By the clocks of the devices it was later than another; the order in "
                    + "which it arrived decides, unless you decide differently."
            );
        rally
            .Row("B")
            .Why[0]
            .Sentence.ShouldBe(
                "Lamp: done, after the first team, so no points. By the clocks of the devices it was earlier "
                    + "than another; the order in which it arrived decides, unless you decide differently."
            );
        rally.Add(
            new Entry.TaskTicked
            {
                Id = rally.Id(),
                Team = new("B"),
                Part = "tasks",
                Task = "lamp",
                AmongFirst = true,
                At = nine.AddSeconds(30),
            }
        );
        rally.Points("B").ShouldBe(6);
        rally.Row("B").Why[0].Sentence.ShouldBe("Lamp: 6 points.");
    }

    [Fact]
    public void The_first_to_do_so_many_of_the_tasks_get_a_bonus_in_the_order_of_the_ticks()
    {
        var rally = new OnePart(Crossing(done: 2, 15, 10), "A", "B", "C", "D");
        foreach (
            var (team, task) in new[] { ("B", "t1"), ("A", "t1"), ("A", "t3"), ("B", "t2"), ("C", "t2"), ("C", "t1") }
        )
            rally.Add(Tick(rally, team, task));
        rally.Add(Tick(rally, "D", "t1"));
        new[] { "A", "B", "C", "D" }.Select(rally.Points).ShouldBe([17, 12, 2, 1]);
        Says("A").ShouldContain("1st to do 2 tasks: 15 points more.");
        Says("C").ShouldContain("3rd to do 2 tasks: nothing more.");
        Says("D").ShouldContain("1 of the 2 tasks that the race is to.");

        // What is unticked again was not done, and those behind move up.
        rally.Add(Tick(rally, "A", "t3", 0));
        new[] { "A", "B", "C" }.Select(rally.Points).ShouldBe([1, 17, 12]);

        IEnumerable<string> Says(string team) => rally.Row(team).Why.Select(w => w.Sentence);
    }

    [Fact]
    public void When_the_round_is_closed_a_team_is_placed_with_what_it_has()
    {
        var rally = new OnePart(Crossing(done: 2, 15), "A", "B");
        rally.Add(Tick(rally, "A", "t1"));
        rally.Row("B").Status.ShouldBe(StandingStatus.Unfinished);
        rally.Add(new Entry.RoundClosed { Id = rally.Id() });
        rally.Standings.Rows.Select(r => $"{r.PlaceText} {r.Name} {r.TotalText}").ShouldBe(["1st A 1.0", "2nd B 0.0"]);
    }

    [Theory]
    [InlineData(0, 1, "/method/parts/harbour/race/done")]
    [InlineData(4, 1, "/method/parts/harbour/race/done")]
    [InlineData(2, 0, "/method/parts/harbour/race/bonuses")]
    public void A_race_that_nobody_could_run_is_refused(int done, int bonuses, string at) =>
        CompiledEdition
            .For(
                new Edition
                {
                    Brief = new Brief
                    {
                        Title = "A brief",
                        Method = new Method { Parts = [Crossing(done, [.. Enumerable.Repeat(5m, bonuses)])] },
                    },
                }
            )
            .Problems.ShouldContain(p => p.At == at);

    private static Part.Tasks Crossing(int done, params decimal[] bonuses) =>
        new()
        {
            Id = "harbour",
            Name = "Crossing",
            Items = [.. Enumerable.Range(1, 3).Select(i => Sample.Task($"t{i}", $"Task {i}", points: 1))],
            Race = new(done, bonuses),
        };
}
