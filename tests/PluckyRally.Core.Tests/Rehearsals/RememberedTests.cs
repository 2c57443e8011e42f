using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Tests.Results;

namespace PluckyRally.Core.Tests.Rehearsals;

/// <summary>What really came in earlier rallies: for the next rehearsal, and compared with what was expected.</summary>
public sealed class RememberedTests
{
    [Fact]
    public void What_came_outweighs_what_the_brief_expects_and_says_where_from()
    {
        var happening = Heights(10, 20, 30, 40, 50);
        var input = Inputs(happening).Single(i => i.Handle == "height");
        input.Expected.ShouldBe(new(10, 30, 50));
        input.From.ShouldBe("5 times in “A class”");
    }

    [Fact]
    public void Too_few_readings_tell_nothing() =>
        Inputs(Heights(10, 50)).Single(i => i.Handle == "height").From.ShouldBe("what the brief expects");

    /// <summary>One attempt of six failed, and one team of six missed the rule.</summary>
    [Fact]
    public void Failed_attempts_and_missed_rules_are_counted()
    {
        var happening = Heights(10, 20, 30, 40, 50)
            .Fails("t6")
            .Checks("t1", false)
            .Checks("t2", true)
            .Checks("t3", true)
            .Checks("t4", true)
            .Checks("t5", true)
            .Checks("t6", true);
        var inputs = Inputs(happening);
        inputs.Single(i => i.Handle == "/trials/failed").InAHundred.ShouldBe(17);
        inputs.Single(i => i.Handle == "/rules/stand").InAHundred.ShouldBe(17);
        inputs.Single(i => i.Handle == "/rules/stand").From.ShouldBe("6 times in “A class”");
    }

    /// <summary>
    /// The rallies of the demo have recordings of relays, sorts, orders, tasks, levels and purchases.
    /// </summary>
    [Fact]
    public void Every_sort_of_part_tells_what_came_of_it()
    {
        var brief = EveryKind.Brief();
        var rehearsal = Rehearsal
            .Of(Sample.Ready(brief), new() { Teams = 6, Alike = 0 }, ThingsRemembered.Nothing)
            .OrThrow();
        var played = rehearsal.Classes.Play(0, 0);
        var opened = OpenedRally
            .Open(
                new Rally
                {
                    Name = "A class",
                    Edition = new Edition { Brief = brief },
                    Teams = [.. rehearsal.Classes.Teams],
                    Entries = [.. played.Log],
                }
            )
            .OrThrow();
        var told = ThingsRemembered.Of([opened]);
        foreach (
            var thing in rehearsal.Classes.Things.Where(t => !t.Handle.StartsWith("/timing", StringComparison.Ordinal))
        )
            told.Tell(thing).From.ShouldEndWith("times in “A class”", Case.Sensitive, thing.Name);
    }

    /// <summary>A brief may have changed to another unit since; numbers in the old one say nothing of it.</summary>
    [Fact]
    public void What_was_read_in_another_unit_is_passed_over()
    {
        var happening = Heights(10, 20, 30, 40, 150);
        var inches = happening.Brief with
        {
            Measures = [happening.Brief.Measures[0] with { Unit = "in", Expected = new(8, 32) }],
        };
        RehearsedThings
            .Of(Sample.Ready(inches), ThingsRemembered.Of([happening.Opened]))
            .Single(t => t.Handle == "height")
            .From.ShouldBe("what the brief expects");
        BriefMemory
            .Of(inches, [(new(Guid.NewGuid()), happening.Opened)])
            .Offers.ShouldNotContain(o => o.Fix.Label.StartsWith("Expect", StringComparison.Ordinal));
    }

    /// <summary>
    /// Of the demo, a class in the middle of its lesson: what the clock has run through took as long as it did.
    /// </summary>
    [Fact]
    public void The_clock_of_an_earlier_class_tells_how_long_things_take()
    {
        var opened = OpenedRally
            .Open(
                DocumentReader
                    .Rally(File.ReadAllText(Path.Combine(ProjectFolder.Root, "demo", "class-5-today.rally.json")))
                    .OrThrow()
                    .Value
            )
            .OrThrow();
        var took = opened
            .In(1)
            .Compiled.Brief.Timing.Phases.Select(p => ThingsRemembered.Of([opened]).Took(p))
            .OfType<decimal>()
            .ToList();
        took.ShouldNotBeEmpty();
        took.ShouldAllBe(t => t > 0.1m && t < 60);
    }

    [Fact]
    public void After_the_class_each_reading_is_compared_with_what_was_expected()
    {
        var came = ExpectedAndCame.Of(Heights(10, 20, 30, 40, 150).Opened, 1).Single(e => e.Name == "Height");
        came.Expected.ShouldBe("20 cm to 80 cm");
        came.Came.ShouldBe("10 cm to 150 cm");
        came.Says.ShouldBe("2 of 5 lie outside; the median is 30 cm.");
        came.Readings.Select(r => r.Inside).ShouldBe([false, true, true, true, false]);
        came.Readings[0].ShouldBe(new ReadingThatCame("Team 1", 1, 10, "10 cm", false));
        came.Learn!.Says.ShouldBe("Height: 5 readings came to 10 cm to 150 cm, expected 20 cm to 80 cm.");
        came.Learn.Fix.Label.ShouldBe("Expect 10 cm to 150 cm");
    }

    [Fact]
    public void The_middle_of_an_even_number_of_readings_is_the_mean_of_the_two_in_the_middle() =>
        ExpectedAndCame
            .Of(Heights(30, 40, 50, 70).Opened, 1)
            .Single(e => e.Name == "Height")
            .Says.ShouldBe("As expected; the median is 45 cm.");

    [Fact]
    public void The_brief_learns_only_when_it_is_told_to()
    {
        var happening = Heights(10, 20, 30, 40, 150);
        var brief = happening.Opened.Rally.Edition.Brief;
        var offer = BriefMemory
            .Of(brief, [(new(Guid.NewGuid()), happening.Opened)])
            .Offers.Single(o => o.Fix.Label == "Expect 10 cm to 150 cm");
        brief.Measures[0].Expected.ShouldBe(new(20, 80));
        var learnt = Changes.Apply(brief, offer.Fix.Changes).OrThrow().Value;
        learnt.Measures[0].Expected.ShouldBe(new(10, 150));
        BriefMemory
            .Of(learnt, [(new(Guid.NewGuid()), happening.Opened)])
            .Offers.ShouldNotContain(o => o.Fix.Label.StartsWith("Expect", StringComparison.Ordinal));
    }

    [Fact]
    public void A_range_in_which_all_lie_is_left_as_it_is() =>
        ExpectedAndCame
            .Of(Heights(25, 30, 50, 60, 75).Opened, 1)
            .Single(e => e.Name == "Height")
            .ShouldSatisfyAllConditions(
                e => e.Learn.ShouldBeNull(),
                e => e.Says.ShouldBe("As expected; the median is 50 cm.")
            );

    [Fact]
    public void Where_less_is_better_the_low_end_stays_the_weaker_one()
    {
        var happening = Heights(10, 20, 30, 40, 150);
        var brief = happening.Opened.Rally.Edition.Brief;
        var turned = brief with { Measures = [brief.Measures[0] with { Expected = new(80, 20) }] };
        var offer = BriefMemory
            .Of(turned, [(new(Guid.NewGuid()), happening.Opened)])
            .Offers.Single(o => o.Fix.Label.StartsWith("Expect", StringComparison.Ordinal));
        Changes.Apply(turned, offer.Fix.Changes).OrThrow().Value.Measures[0].Expected.ShouldBe(new(150, 10));
    }

    private static IReadOnlyList<RehearsalInput> Inputs(Played played) =>
        [.. RehearsedThings.Of(Sample.Ready(played.Brief), ThingsRemembered.Of([played.Opened])).Select(t => t.Shown)];

    private static Played Heights(params int[] heights)
    {
        var brief = Sample.Brief(
            [Sample.Height() with { Expected = new(20, 80) }],
            [Sample.Part("height")],
            1,
            [Sample.Inspection("stand", new Consequence.NoteOnly())]
        );
        var played = new Played(brief);
        for (var i = 0; i < heights.Length; i++)
            played.Reads($"t{i + 1}", heights[i]);
        return played;
    }

    /// <summary>A class of six that plays.</summary>
    private sealed class Played(Brief brief)
    {
        private readonly List<Entry> _log = [];

        public Brief Brief => brief;

        public OpenedRally Opened =>
            OpenedRally
                .Open(
                    new Rally
                    {
                        Name = "A class",
                        Edition = new Edition { Brief = brief },
                        Teams =
                        [
                            .. Enumerable.Range(1, 6).Select(i => new Team { Id = new($"t{i}"), Name = $"Team {i}" }),
                        ],
                        Entries = [.. _log],
                    }
                )
                .OrThrow();

        public Played Reads(string team, int height) =>
            Add(
                new Entry.TrialRecorded
                {
                    Id = Next(),
                    Team = new(team),
                    Attempt = 1,
                    Outcome = TrialOutcome.Counted,
                    Readings = [new() { Measure = "height", Typed = $"{height}" }],
                }
            );

        public Played Fails(string team) =>
            Add(
                new Entry.TrialRecorded
                {
                    Id = Next(),
                    Team = new(team),
                    Attempt = 1,
                    Outcome = TrialOutcome.Failed,
                }
            );

        public Played Checks(string team, bool met) =>
            Add(
                new Entry.RuleChecked
                {
                    Id = Next(),
                    Team = new(team),
                    Rule = "stand",
                    Met = met,
                }
            );

        private EntryId Next() => new(new Guid(_log.Count + 1, 0, 7, new byte[8]));

        private Played Add(Entry entry)
        {
            _log.Add(entry);
            return this;
        }
    }
}
