using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Score;

/// <summary>
/// A brief that is changed while it is run: what changes, what is kept, and that nothing changes its meaning unsaid.
/// </summary>
public sealed class ChangedBriefTests
{
    private static readonly Brief Brief = Sample.Brief(
        [Sample.Height(), Sample.Count("beads")],
        [Sample.Part("height", new Curve.Rate(1), id: "tall"), Sample.Part("beads", new Curve.Rate(10), id: "load")],
        attempts: 2,
        rules: [Sample.Limit("low", "height", Comparison.AtMost, "50 cm", new Consequence.DoesNotPlace())]
    );

    private OpenedRally _rally = OpenedRally
        .Open(
            new Rally
            {
                Name = "A class",
                Edition = new Edition { Brief = Brief },
                Teams = [Sample.Team(new("a"), "Terns", members: 4), Sample.Team(new("b"), "Whelks", members: 4)],
            }
        )
        .OrThrow();

    private int _ids;

    [Fact]
    public void A_mended_rule_changes_places_and_says_what_when_who_and_why()
    {
        Tried("a", "60", "1");
        Tried("a", "58", "1");
        Tried("b", "40", "2");
        Tried("b", "40", "2");
        Places().ShouldBe(["Whelks 1 60", "Terns – 70"]);
        var changed = Change(b =>
            b with
            {
                Rules =
                [
                    b.Rules[0] with
                    {
                        Check = new RuleCheck.Limit
                        {
                            Value = "height",
                            Comparison = Comparison.AtMost,
                            Amount = "65 cm",
                        },
                    },
                ],
            }
        );
        Places().ShouldBe(["Terns 1 70", "Whelks 2 60"]);
        var since = Standings().BriefChanges.ShouldHaveSingleItem();
        (since.Entry, since.By, since.Reason, since.From).ShouldBe((changed, "teacher", "It was too strict", 1));
        since
            .Differs.ShouldHaveSingleItem()
            .ShouldSatisfyAllConditions(
                d => d.Before.ShouldBe("50 cm"),
                d => d.After.ShouldBe("65 cm"),
                d => d.Where.ShouldContain("Keeps to low")
            );
        LogLine
            .OfLesson(_rally, 1)[0]
            .Says.ShouldBe(
                $"Brief changed for the whole rally: {since.Differs[0].Where} 50 cm → 65 cm. It was too strict"
            );

        Strike(changed);
        Places().ShouldBe(["Whelks 1 60", "Terns – 70"]);
        Standings().BriefChanges.ShouldBeEmpty();
    }

    [Fact]
    public void The_log_with_what_was_mended_opens_as_it_grew()
    {
        Tried("a", "40", "1");
        Change(b => b with { Trials = b.Trials with { Attempts = 1 } });
        Tried("b", "30", "1");
        var anew = OpenedRally.Open(_rally.Rally with { Entries = _rally.Received }).OrThrow();
        Json.Write(anew.Result(1).Standings).ShouldBe(Json.Write(Standings()));
        Standings().Rows.ShouldAllBe(r => r.Status == StandingStatus.Placed);
    }

    [Fact]
    public void A_reading_that_no_longer_fits_is_kept_aside_and_comes_back_with_what_it_was_read_by()
    {
        Tried("a", "40", "3");
        var changed = Change(b =>
            b with
            {
                Measures = [b.Measures[0]],
                Method = b.Method with { Parts = [b.Method.Parts[0]] },
            }
        );
        _rally.Aside.ShouldHaveSingleItem().Problems.ShouldHaveSingleItem().What.ShouldContain("no such measure");
        Standings().Rows.ShouldAllBe(r => r.Status == StandingStatus.Unfinished);
        Strike(changed);
        _rally.Aside.ShouldBeEmpty();
        _rally.Rally.Entries.OfType<Entry.TrialRecorded>().ShouldHaveSingleItem().Readings.Count.ShouldBe(2);
    }

    [Fact]
    public void A_bare_number_means_what_it_meant_when_it_was_typed()
    {
        Tried("a", "40", "1");
        Change(b => b with { Measures = [b.Measures[0] with { Unit = "mm" }, b.Measures[1]] });
        Trial("a").Readings[0].ShouldSatisfyAllConditions(r => r.Value.ShouldBe(400), r => r.Typed.ShouldBe("40"));

        // A device that has not heard of it yet types centimetres; one that has, millimetres.
        Keep(Attempt("b", "30", "1") with { EditionAsOf = 0 });
        Keep(Attempt("b", "290", "1") with { EditionAsOf = _rally.Received.Count - 1 });
        _rally
            .Rally.Entries.OfType<Entry.TrialRecorded>()
            .Where(t => t.Team.Value == "b")
            .Select(t => t.Readings[0].Value)
            .ShouldBe([300m, 290m]);
        var anew = OpenedRally.Open(_rally.Rally with { Entries = _rally.Received }).OrThrow();
        anew.Rally.Entries.OfType<Entry.TrialRecorded>()
            .Where(t => t.Team.Value == "b")
            .Select(t => t.Readings[0].Value)
            .ShouldBe([300m, 290m]);
    }

    [Fact]
    public void A_reading_of_another_kind_is_never_taken_for_one()
    {
        Tried("a", "40", "1");
        Change(b =>
            b with
            {
                Rules = [],
                Measures = [b.Measures[0] with { Kind = MeasureKind.Mass, Unit = "g" }, b.Measures[1]],
            }
        );
        _rally
            .Aside.ShouldHaveSingleItem()
            .Problems.ShouldHaveSingleItem()
            .What.ShouldBe(
                "Height was read in centimetres and is in grams now."
                    .Replace("centimetres", "cm", StringComparison.Ordinal)
                    .Replace("grams", "g", StringComparison.Ordinal)
            );
    }

    [Fact]
    public void What_a_device_wrote_by_the_earlier_brief_is_kept_even_where_it_no_longer_fits()
    {
        Change(b => b with { Measures = [b.Measures[0]], Method = b.Method with { Parts = [b.Method.Parts[0]] } });
        var late = Attempt("b", "30", "4") with { EditionAsOf = 0 };
        Keep(late);
        _rally.Aside.ShouldHaveSingleItem().Entry.Id.ShouldBe(late.Id);
        Recorder
            .Accept(_rally, Attempt("b", "30", "4") with { EditionAsOf = 1 })
            .IsOk.ShouldBeFalse("whoever has the changed brief is told at once");
    }

    [Fact]
    public void A_round_may_differ_and_the_others_stay_as_they_are()
    {
        Tried("a", "40", "1");
        Tried("a", "40", "1");
        Change(b => b with { Trials = b.Trials with { Attempts = 1 } }, round: 2, only: true);
        Change(b => b with { Method = b.Method with { Parts = [b.Method.Parts[0]] } }, round: 3);
        (
            _rally.In(1).Compiled.Brief.Trials.Attempts,
            _rally.In(2).Compiled.Brief.Trials.Attempts,
            _rally.In(3).Compiled.Brief.Trials.Attempts
        ).ShouldBe((2, 1, 2));
        (
            _rally.In(2).Compiled.Parts.Count,
            _rally.In(3).Compiled.Parts.Count,
            _rally.In(9).Compiled.Parts.Count
        ).ShouldBe((2, 1, 1));
        _rally.In(9).Before!.Number.ShouldBe(8);
        Standings().BriefChanges.ShouldBeEmpty();
        _rally.Result(2).Standings.BriefChanges.Count.ShouldBe(1);
    }

    [Fact]
    public void What_was_mended_for_all_later_does_not_outweigh_what_was_said_of_one_round()
    {
        Change(b => b with { Trials = b.Trials with { Attempts = 5 } }, round: 2);
        Change(b => b with { Trials = b.Trials with { Attempts = 3 } });
        (_rally.In(1).Compiled.Brief.Trials.Attempts, _rally.In(2).Compiled.Brief.Trials.Attempts).ShouldBe((3, 5));
    }

    [Fact]
    public void A_limit_from_the_round_before_begins_with_the_second_and_reads_the_first_by_its_own_attempts()
    {
        // Round 1: the second attempt is left out by a cut there, so 40 stands; 75% of it is 30.
        Keep(new Entry.AttemptsCut { Id = NextId(), Attempts = 1 });
        Tried("a", "40", "1");
        Change(b => b with { Rules = [Derived] }, round: 1);
        _rally.In(1).Compiled.Rules.ShouldHaveSingleItem();
        TeamSheet
            .For(_rally, new("a"), 1)!
            .ShouldSatisfyAllConditions(
                s => s.Status.ShouldBe(StandingStatus.Placed),
                s => s.Rules[0].State.ShouldBe(RuleState.NotChecked),
                s => s.Rules[0].Inspected.ShouldBeFalse()
            );
        Tried("a", "29", "1", round: 2);
        Tried("a", "29", "1", round: 2);
        TeamSheet
            .For(_rally, new("a"), 2)!
            .ShouldSatisfyAllConditions(
                s => s.Status.ShouldBe(StandingStatus.DidNotPlace),
                s => s.Rules[0].Limit.ShouldBe("at least 30.0 cm")
            );
    }

    [Fact]
    public void A_team_without_an_earlier_result_is_finished_when_somebody_has_answered_the_rule()
    {
        Tried("a", "40", "1");
        Change(b => b with { Rules = [Derived] }, round: 2);
        Tried("b", "30", "1", round: 2);
        Tried("b", "30", "1", round: 2);
        TeamSheet
            .For(_rally, new("b"), 2)!
            .ShouldSatisfyAllConditions(
                s => s.Status.ShouldBe(StandingStatus.Unfinished),
                s => s.Rules[0].Inspected.ShouldBeTrue()
            );
        Keep(
            new Entry.RuleChecked
            {
                Id = NextId(),
                Team = new("b"),
                Round = 2,
                Rule = "most",
                Met = true,
            }
        );
        TeamSheet.For(_rally, new("b"), 2)!.Status.ShouldBe(StandingStatus.Placed);
    }

    [Fact]
    public void What_rests_on_something_that_was_taken_back_is_set_aside_and_said()
    {
        var added = Change(b =>
            b with
            {
                Rules = [.. b.Rules, Sample.Inspection("float", new Consequence.NoteOnly())],
            }
        );
        Change(b => b with { Rules = [b.Rules[0], b.Rules[1] with { Text = "It floats" }] });
        Strike(added);
        _rally.Aside.ShouldHaveSingleItem().Problems.ShouldHaveSingleItem().What.ShouldContain("/rules/float");
        _rally.In(1).Compiled.Rules.ShouldHaveSingleItem();
    }

    [Theory]
    [InlineData("", "/reason")]
    [InlineData("why", "/changes")]
    public void A_mending_says_what_and_why(string reason, string at) =>
        Recorder
            .Accept(
                _rally,
                new Entry.BriefMended
                {
                    Id = NextId(),
                    Changes = [],
                    Reason = reason,
                }
            )
            .Problems.Select(p => p.At)
            .ShouldContain(at);

    [Fact]
    public void What_cannot_be_run_is_refused_and_what_is_at_no_place_too()
    {
        _rally
            .With(
                Recorder
                    .Accept(
                        _rally,
                        new Entry.BriefMended
                        {
                            Id = NextId(),
                            Reason = "why",
                            Changes = [new("/measures/height", JsonNull)],
                        }
                    )
                    .OrThrow()
            )
            .OrThrow()
            .Aside.ShouldHaveSingleItem();
        Recorder
            .Accept(
                _rally,
                new Entry.BriefMended
                {
                    Id = NextId(),
                    Reason = "why",
                    Changes = [new("/rules/nowhere/text", JsonNull)],
                }
            )
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/changes/0/at");
    }

    /// <summary>Whatever is changed in a brief: laid over the one it was made of, it makes the other.</summary>
    [Fact]
    public void What_lies_between_two_briefs_makes_one_of_the_other()
    {
        var other = Brief with
        {
            Title = "Another",
            Rules = [Sample.Inspection("first", new Consequence.NoteOnly()), Brief.Rules[0] with { Text = "Lower" }],
            Measures = [Brief.Measures[1], Brief.Measures[0]],
            Words = [new ScienceWord { Word = "span", Meaning = "how far" }],
            Method = Brief.Method with
            {
                Parts = [Brief.Method.Parts[1], Sample.Part("height", new Curve.Raw(), id: "new")],
                Floor = 2,
            },
        };
        Json.Write(BriefChanges.Lay(Brief, BriefChanges.Between(Brief, other)).OrThrow()).ShouldBe(Json.Write(other));
        Json.Write(BriefChanges.Lay(other, BriefChanges.Between(other, Brief)).OrThrow()).ShouldBe(Json.Write(Brief));
        BriefChanges.Between(Brief, Brief).ShouldBeEmpty();
    }

    private static readonly System.Text.Json.JsonElement JsonNull = System.Text.Json.JsonElement.Parse("null");

    private static readonly Rule Derived = Sample.Limit(
        "most",
        "height",
        Comparison.AtLeast,
        "",
        new Consequence.DoesNotPlace()
    ) with
    {
        Check = new RuleCheck.Limit
        {
            Value = "height",
            Comparison = Comparison.AtLeast,
            PercentOfLastRound = 75,
        },
    };

    private Standings Standings() => _rally.Result(1).Standings;

    private IEnumerable<string> Places() =>
        Standings()
            .Rows.Select(r =>
                $"{r.Name} {r.Place?.ToString(System.Globalization.CultureInfo.InvariantCulture) ?? "–"} {r.Total:0}"
            );

    private Entry.TrialRecorded Trial(string team) =>
        _rally.Rally.Entries.OfType<Entry.TrialRecorded>().Single(t => t.Team.Value == team);

    private Entry.TrialRecorded Attempt(string team, string height, string beads, int round = 1) =>
        new()
        {
            Id = NextId(),
            Team = new(team),
            Round = round,
            Outcome = TrialOutcome.Counted,
            Readings = [new() { Measure = "height", Typed = height }, new() { Measure = "beads", Typed = beads }],
        };

    private void Tried(string team, string height, string beads, int round = 1)
    {
        var trial = Attempt(team, height, beads, round);
        Keep(
            trial with
            {
                Readings = [.. trial.Readings.Where(r => _rally.In(round).Compiled.Measures.ContainsKey(r.Measure))],
            }
        );
    }

    private EntryId Change(Func<Brief, Brief> change, int round = 1, bool only = false)
    {
        var now = _rally.In(round).Compiled.Brief;
        return Keep(
            new Entry.BriefMended
            {
                Id = NextId(),
                By = "teacher",
                Round = round,
                OnlyThisRound = only,
                Reason = "It was too strict",
                Changes = BriefChanges.Between(now, change(now)),
            }
        );
    }

    private void Strike(EntryId entry) => Keep(new Entry.StruckOut { Id = NextId(), Entry = entry });

    private EntryId Keep(Entry entry)
    {
        _rally = _rally.With(Recorder.Accept(_rally, entry).OrThrow()).OrThrow();
        return entry.Id;
    }

    private EntryId NextId() => new(new Guid(++_ids, 0, 0x7000, 0x80, 0, 0, 0, 0, 0, 0, 1));
}
