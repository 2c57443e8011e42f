using CsCheck;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Score;

public sealed class LogTests
{
    [Fact]
    public void Striking_out_an_entry_equals_never_having_made_it()
    {
        var struck = new Happening(Sample.Simple(2), "Terns");
        struck.Counted("Terns", "20");
        struck.Strike(struck.Counted("Terns", "99"), "misread");
        struck.Counted("Terns", "25");
        var never = new Happening(Sample.Simple(2), "Terns");
        never.Counted("Terns", "20");
        never.Counted("Terns", "25");
        Shown(struck).ShouldBe(Shown(never));
    }

    [Fact]
    public void Striking_out_a_strike_brings_the_entry_back()
    {
        var rally = new Happening(Sample.Simple(), "Terns");
        var entry = rally.Counted("Terns", "20");
        var strike = rally.Strike(entry);
        rally.Standing("Terns").Status.ShouldBe(StandingStatus.Unfinished);
        rally.Strike(strike);
        rally.Standing("Terns").Total.ShouldBe(20);
    }

    [Fact]
    public void A_log_at_another_time_is_the_same_by_every_clock_and_scores_the_same()
    {
        var rally = new Happening(Sample.Simple(2), "Terns");
        rally.Counted("Terns", "20");
        rally.Counted("Terns", "25");
        var noon = new DateTimeOffset(2026, 11, 24, 12, 0, 0, TimeSpan.Zero);
        IReadOnlyList<Entry> log =
        [
            rally.Log[0] with
            {
                At = noon,
            },
            rally.Log[1] with
            {
                At = noon.AddMinutes(3),
                DeviceAt = noon.AddHours(1),
            },
        ];
        var moved = Log.Moved(log, TimeSpan.FromDays(1));
        moved
            .Select(e => (e.At, e.DeviceAt))
            .ShouldBe([(noon.AddDays(1), null), (noon.AddDays(1).AddMinutes(3), noon.AddDays(1).AddHours(1))]);
        Sample.Came(rally.Compiled, rally.Teams, moved).Standings.Rows.Single().Total.ShouldBe(25);
        Log.Moved(moved, -TimeSpan.FromDays(1)).ShouldBe(log);
    }

    [Fact]
    public void The_same_entry_twice_counts_once()
    {
        var rally = new Happening(Sample.Simple(2, Combine.Sum), "Terns");
        rally.Counted("Terns", "20");
        var twice = Sample.Came(rally.Compiled, rally.Teams, [.. rally.Log, .. rally.Log]).Standings;
        twice.Rows[0].Reason.ShouldContain("1 of 2 attempts");
    }

    [Fact]
    public void Any_entry_struck_out_equals_never_having_made_it() =>
        Gen.Select(Gen.Int[0, 60].Array[1, 8], Gen.Int[0, 7])
            .Sample(
                (heights, at) =>
                {
                    var struck = new Happening(Sample.Simple(9, Combine.Mean), "Terns");
                    var never = new Happening(Sample.Simple(9, Combine.Mean), "Terns");
                    for (var i = 0; i < heights.Length; i++)
                    {
                        var entry = struck.Counted("Terns", $"{heights[i]}");
                        if (i == at % heights.Length)
                            struck.Strike(entry);
                        else
                            never.Counted("Terns", $"{heights[i]}");
                    }

                    Shown(struck).ShouldBe(Shown(never));
                }
            );

    private static string Shown(Happening rally) =>
        string.Join(
            "\n",
            rally
                .Standings()
                .Rows.SelectMany(r =>
                    r.Why.Select(w => w.Sentence).Prepend($"{r.PlaceText} {r.Name} {r.TotalText} {r.Reason}")
                )
        );
}
