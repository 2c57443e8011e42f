using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Debriefs;

/// <summary>What a rally leaves comes back beside the brief, as offers.</summary>
public sealed class MemoryTests
{
    private static readonly DateTimeOffset Nine = new(2026, 11, 3, 9, 0, 0, TimeSpan.Zero);

    private static readonly Brief Towers = Sample.Simple() with
    {
        Timing = new()
        {
            Phases =
            [
                Sample.Phase("build", PhaseKind.Build, minutes: 20),
                Sample.Phase("test", PhaseKind.Test, minutes: 1, teamByTeam: true, changeover: 0.5m),
                Sample.Phase("talk", PhaseKind.Talk, minutes: 6),
            ],
        },
        Materials = [Sample.Material("scissors", "scissors", amount: 1, unit: "pair", per: Per.Team, reusable: true)],
        Teacher = new() { Questions = ["What held?"] },
    };

    private readonly Happening _rally = new(Towers, "Terns", "Whelks");

    [Fact]
    public void Real_minutes_stand_beside_the_planned_with_pauses_left_out()
    {
        Lesson();
        var took = Memory().Phases;

        // Built from 9:00 to 9:24 with a pause of 3 minutes; two turns of 1 min and 0.5 min to change over, planned 3,
        // took 6.
        took.Select(p => (p.Phase, p.Planned, p.Took))
            .ShouldBe([("build", 20, 21), ("test", 3, 6)], "the talk is not over");
    }

    [Fact]
    public void A_phase_belongs_to_the_round_that_it_was_begun_in_whatever_ends_it()
    {
        Lesson();

        // The talk is ended by the second round, in which the build takes 15 minutes of 20: the longer one counts.
        _rally.Keep(
            new Entry.PhaseBegun
            {
                Id = _rally.NextId(),
                At = Nine.AddMinutes(37),
                Round = 2,
                Phase = "build",
            }
        );
        _rally.Keep(
            new Entry.PhaseBegun
            {
                Id = _rally.NextId(),
                At = Nine.AddMinutes(52),
                Round = 2,
                Phase = "",
            }
        );
        Memory().Phases.Select(p => (p.Phase, p.Took)).ShouldBe([("build", 21), ("test", 6), ("talk", 7)]);
    }

    [Fact]
    public void Minutes_that_were_wrong_are_offered_and_taken_with_one_touch()
    {
        Lesson();
        var offers = Of(Towers).Offers;
        offers
            .Select(o => (o.Says, o.Fix.Label))
            .ShouldBe([
                ("Build took 21 minutes, planned 20.", "Take 21 minutes"),
                ("Test took 6 minutes, planned 3.", "Take 2 minutes a turn"),
            ]);
        var corrected = Changes.Apply(Towers, [.. offers.SelectMany(o => o.Fix.Changes)]).OrThrow().Value;
        corrected.Timing.Phases.Select(p => p.Minutes).ShouldBe([21, 2, 6]);
        Of(corrected).Offers.ShouldBeEmpty("what was taken over is not offered again");
    }

    [Fact]
    public void The_best_value_becomes_what_the_next_class_has_to_beat()
    {
        _rally.Counted("Terns", "41");
        _rally.Counted("Whelks", "57");
        var offer = Of(Towers).Offers.Single();
        (offer.Says, offer.Fix.Label).ShouldBe(
            ("The best so far, height: 57 cm, by Whelks of A class.", "Make 57 cm the value to beat")
        );
        var target = Changes.Apply(Towers, offer.Fix.Changes).OrThrow().Value.Method.Targets.Single();
        (target.Name, target.Value, target.Amount, target.Better).ShouldBe(
            ("Best so far", "height", "57 cm", Better.More)
        );
        CompiledEdition
            .For(new Edition { Brief = Towers with { Method = Towers.Method with { Targets = [target] } } })
            .IsOk.ShouldBeTrue();
    }

    [Fact]
    public void Notes_answers_and_what_did_not_come_back_are_kept()
    {
        _rally.Keep(new Entry.NoteMade { Id = _rally.NextId(), Text = "hinge: use wire" });
        _rally.Keep(
            new Entry.NoteMade
            {
                Id = _rally.NextId(),
                Team = new("terns"),
                Text = "shares the work",
            }
        );
        _rally.Keep(
            new Entry.AnswerGiven
            {
                Id = _rally.NextId(),
                Question = 1,
                Text = "a wide foot",
            }
        );
        _rally.Keep(
            new Entry.KitCounted
            {
                Id = _rally.NextId(),
                Team = new("terns"),
                Way = KitWay.Out,
                Amounts = [new("scissors", 1)],
            }
        );
        _rally.Keep(
            new Entry.KitCounted
            {
                Id = _rally.NextId(),
                Team = new("terns"),
                Way = KitWay.Back,
                Amounts = [new("scissors", 0)],
            }
        );
        Memory()
            .Notes.Select(n => (n.Question, n.Text))
            .ShouldBe(
                [("", "hinge: use wire"), ("What held?", "a wide foot")],
                "what was seen of a team is the team's"
            );
        Memory().Missing.ShouldBe(["1 pair of scissors"]);
        Of(Towers).Rallies.Single().Memory.IsEmpty.ShouldBeFalse();
        BriefMemory
            .Of(Towers, [(new(Guid.NewGuid()), OpenedRally.Open(new Happening(Towers, "A").Rally).OrThrow())])
            .Rallies.ShouldBeEmpty("a rally that leaves nothing is not listed");
    }

    [Fact]
    public void The_most_that_was_laid_on_is_remembered()
    {
        var load = new Measure
        {
            Id = "load",
            Name = "Load",
            Kind = MeasureKind.Mass,
            Unit = "g",
            Step = 5,
            LoadTest = true,
        };
        var rally = new Happening(Sample.Brief([load], [Sample.Part("load")]), "A", "B");
        rally.Counted("A", "240");
        rally.Counted("B", "315");
        RallyMemory.Of(OpenedRally.Open(rally.Rally).OrThrow()).Loads.ShouldBe(["Load: 315 g was the most."]);
    }

    private void Lesson()
    {
        void At(int minutes, Entry entry) =>
            _rally.Keep(entry with { Id = _rally.NextId(), At = Nine.AddMinutes(minutes) });
        At(0, new Entry.PhaseBegun { Id = default, Phase = "build" });
        At(10, new Entry.ClockPaused { Id = default });
        At(13, new Entry.ClockResumed { Id = default });
        At(24, new Entry.PhaseBegun { Id = default, Phase = "test" });
        At(30, new Entry.PhaseBegun { Id = default, Phase = "talk" });
    }

    private RallyMemory Memory() => RallyMemory.Of(OpenedRally.Open(_rally.Rally).OrThrow());

    private BriefMemory Of(Brief brief) =>
        BriefMemory.Of(brief, [(new(Guid.NewGuid()), OpenedRally.Open(_rally.Rally).OrThrow())]);
}
