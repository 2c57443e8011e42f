namespace PluckyRally.Core.Tests.Parts;

public sealed class TallyTests
{
    private static readonly Part.Tally Watch = new()
    {
        Id = "watch",
        Name = "On the way",
        FailurePoints = 0,
        Counters =
        [
            Sample.Counter("help", "Helped another team", points: 2),
            Sample.Counter("spill", "Spilled", points: 1.5m, hurts: true),
        ],
    };

    [Theory]
    [InlineData(WinningDirection.Highest, 1)]
    [InlineData(WinningDirection.Lowest, -1)]
    public void What_helps_helps_and_what_hurts_hurts_whichever_total_wins(WinningDirection wins, decimal total)
    {
        var rally = new OnePart(
            new Brief
            {
                Title = "A brief",
                Method = new Method { Parts = [Watch], Wins = wins },
            }
        );
        rally.Add(
            new Entry.Tallied
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "watch",
                Counter = "help",
                Count = 2,
            }
        );
        rally.Add(
            new Entry.Tallied
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "watch",
                Counter = "spill",
                Count = 2,
            }
        );
        rally.Row().Total.ShouldBe(total);
    }

    [Fact]
    public void Nothing_counted_is_nothing() => new OnePart(Watch).Points().ShouldBe(0);

    [Fact]
    public void What_is_a_yes_or_no_counts_once_whoever_said_so()
    {
        var once = Watch with { Counters = [Watch.Counters[0] with { AtMost = 1 }] };
        var rally = new OnePart(once);
        foreach (var by in new[] { "Pell", "Aide" })
            rally.Add(
                new Entry.Tallied
                {
                    Id = rally.Id(),
                    Team = new("A"),
                    By = by,
                    Part = "watch",
                    Counter = "help",
                }
            );
        rally.Points().ShouldBe(2);
        rally.Row().Why.ShouldContain(s => s.Sentence == "Helped another team: 1 × 2 = 2.");
        string.Join(' ', StudentSheet.Of(rally.Compiled.Brief).Scoring)
            .ShouldContain("2 points once for “Helped another team”.");
    }

    [Fact]
    public void A_limit_of_none_is_refused() =>
        CompiledEdition
            .For(
                new Edition
                {
                    Brief = new Brief
                    {
                        Title = "A brief",
                        Method = new Method
                        {
                            Parts = [Watch with { Counters = [Watch.Counters[0] with { AtMost = 0 }] }],
                        },
                    },
                }
            )
            .Problems.ShouldContain(p => p.At == "/method/parts/watch/counters/help/atMost");
}
