namespace PluckyRally.Core.Tests.Score;

public sealed class RecorderTests
{
    private readonly Happening _rally = new(
        Sample.Simple(2) with
        {
            Rules = [Sample.Inspection("stand", new Consequence.DoesNotPlace())],
        },
        "Terns",
        "Whelks"
    );

    [Fact]
    public void What_was_typed_is_kept_and_the_value_worked_out()
    {
        _rally.Counted("Terns", "2.27 m");
        var reading = _rally.Log.OfType<Entry.TrialRecorded>().Single().Readings.Single();
        reading.Typed.ShouldBe("2.27 m");
        reading.Value.ShouldBe(227);
    }

    [Fact]
    public void A_value_that_is_sent_along_is_not_trusted()
    {
        var entry = Trial() with
        {
            Readings =
            [
                new Reading
                {
                    Measure = "height",
                    Typed = "20",
                    Value = 9999,
                    Bound = Bound.Unclear,
                },
            ],
        };
        var taken = (Entry.TrialRecorded)_rally.Offer(entry).OrThrow();
        taken.Readings[0].Value.ShouldBe(20);
        taken.Readings[0].Bound.ShouldBe(Bound.Exact);
    }

    [Fact]
    public void At_least_can_be_said_beside_the_number()
    {
        var entry = Trial() with
        {
            Readings =
            [
                new Reading
                {
                    Measure = "height",
                    Typed = "20",
                    Bound = Bound.AtLeast,
                },
            ],
        };
        ((Entry.TrialRecorded)_rally.Offer(entry).OrThrow()).Readings[0].Bound.ShouldBe(Bound.AtLeast);
    }

    [Fact]
    public void All_that_is_wrong_is_said_with_its_place()
    {
        var entry = Trial() with
        {
            Team = new("gulls"),
            Round = 0,
            Readings =
            [
                new Reading { Measure = "height", Typed = "tall" },
                new Reading { Measure = "width", Typed = "3" },
            ],
        };
        Places(entry).ShouldBe(["/round", "/team", "/readings/0/typed", "/readings/1/measure"]);
    }

    [Fact]
    public void A_counted_attempt_needs_its_readings() => Places(Trial()).ShouldBe(["/readings/height"]);

    [Fact]
    public void A_void_trial_needs_a_reason() =>
        Places(Trial() with { Outcome = TrialOutcome.Void }).ShouldBe(["/reason"]);

    [Fact]
    public void No_more_attempts_than_the_brief_gives()
    {
        _rally.Counted("Terns", "20");
        _rally.Failed("Terns");
        Places(Trial() with { Outcome = TrialOutcome.Failed }).ShouldBe(["/attempt"]);
        _rally.Offer(Trial() with { Outcome = TrialOutcome.Void, Reason = "wind" }).IsOk.ShouldBeTrue();
    }

    [Fact]
    public void Only_what_is_in_the_log_can_be_struck_out() =>
        Places(new Entry.StruckOut { Id = new(Guid.NewGuid()), Entry = new(Guid.NewGuid()) }).ShouldBe(["/entry"]);

    [Fact]
    public void A_rule_that_is_not_in_the_brief_cannot_be_checked() =>
        Places(
                new Entry.RuleChecked
                {
                    Id = new(Guid.NewGuid()),
                    Team = new("terns"),
                    Rule = "float",
                    Met = true,
                }
            )
            .ShouldBe(["/rule"]);

    [Fact]
    public void A_check_of_an_instrument_is_kept_and_changes_no_reading()
    {
        var check = new Entry.InstrumentChecked
        {
            Id = new(Guid.NewGuid()),
            Known = new Reading { Measure = "height", Typed = "0.3 m" },
            Shown = new Reading { Measure = "height", Typed = "31" },
        };
        ((Entry.InstrumentChecked)_rally.Offer(check).OrThrow()).Known.Value.ShouldBe(30);
        Places(
                check with
                {
                    Shown = new Reading { Measure = "mass", Typed = "31" },
                }
            )
            .ShouldBe(["/shown/measure", "/shown/measure"]);
    }

    private Entry.TrialRecorded Trial() =>
        new()
        {
            Id = _rally.NextId(),
            Team = new("terns"),
            Outcome = TrialOutcome.Counted,
        };

    private IEnumerable<string> Places(Entry entry) => _rally.Offer(entry).Problems.Select(p => p.At);
}
