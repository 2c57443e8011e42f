using CsCheck;
using PluckyRally.Tests;
using Shouldly;
using Xunit;

namespace PluckyRally.Core.Tests.Scoring;

/// <summary>
/// A rally that is kept in memory grows entry by entry; it must be what reading the whole log again would give.
/// </summary>
public sealed class GrowingLogTests
{
    private static readonly Brief Brief = Sample.Simple(3, Combine.Mean) with
    {
        Rules = [Sample.Inspection("stand", new Consequence.DoesNotPlace())],
        Timing = new()
        {
            Phases =
            [
                new()
                {
                    Id = "test",
                    Kind = PhaseKind.Test,
                    Minutes = 1,
                    TeamByTeam = true,
                },
            ],
        },
    };

    /// <summary>What may happen next: a kind and a number that the kind makes something of.</summary>
    private static readonly Gen<(int Kind, int Number)[]> Happenings = Gen.Select(Gen.Int[0, 7], Gen.Int[0, 60]).Array[
        1,
        25
    ];

    [Fact]
    public void Entry_by_entry_gives_the_same_as_all_at_once() =>
        Happenings.Sample(
            happenings =>
            {
                var rally = new Happening(Brief, "Terns", "Whelks");
                var grown = OpenedRally.Open(rally.Rally).OrThrow();
                foreach (var (kind, number) in happenings)
                {
                    var offered = Recorder.Accept(grown, Next(rally, grown.Rally.Entries, kind, number));
                    if (offered.IsOk)
                        grown = grown.With(offered.Value).OrThrow();
                }

                var whole = OpenedRally.Open(grown.Rally).OrThrow();
                foreach (var round in new[] { 1, 2 })
                    Json.Write(Scorer.Score(grown, round)).ShouldBe(Json.Write(Scorer.Score(whole, round)));
                Json.Write(TeamSheet.Of(grown, 1)).ShouldBe(Json.Write(TeamSheet.Of(whole, 1)));
                grown.In(1).Compiled.Brief.Trials.Attempts.ShouldBe(whole.In(1).Compiled.Brief.Trials.Attempts);
            },
            iter: Thorough.Times(150)
        );

    private static Entry Next(Happening rally, IReadOnlyList<Entry> log, int kind, int number)
    {
        var (id, team, round) = (rally.NextId(), number % 2 == 0 ? "terns" : "whelks", number > 50 ? 2 : 1);
        return kind switch
        {
            0 or 1 => new Entry.TrialRecorded
            {
                Id = id,
                Team = team,
                Round = round,
                Outcome = TrialOutcome.Counted,
                Readings = [new() { Measure = "height", Typed = $"{number}" }],
            },
            2 => new Entry.TrialRecorded
            {
                Id = id,
                Team = team,
                Round = round,
                Outcome = TrialOutcome.Failed,
            },
            3 => new Entry.RuleChecked
            {
                Id = id,
                Team = team,
                Round = round,
                Rule = "stand",
                Met = number % 3 > 0,
            },
            4 when log.Count > 0 => new Entry.StruckOut { Id = id, Entry = log[number % log.Count].Id },
            5 => new Entry.AttemptsCut
            {
                Id = id,
                Round = round,
                Attempts = 1 + (number % 3),
            },
            6 => number % 4 == 0
                ? new Entry.RoundClosed { Id = id, Round = round }
                : new Entry.RoundReopened { Id = id, Round = round },
            _ => new Entry.PlacesOpened
            {
                Id = id,
                Phase = "test",
                Places = 1 + (number % 3),
            },
        };
    }
}
