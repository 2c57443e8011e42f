using PluckyRally.Core.Briefs;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Rehearsals;

/// <summary>Must-haves that put teams out, and rules that give points for being met.</summary>
internal sealed class RulesSeen(CompiledEdition compiled)
{
    /// <summary>Names the finding of a rule.</summary>
    public static string Of(string rule) => $"rule:{rule}";

    /// <summary>So many in 100 teams are too many to keep from placing (common practice, no source).</summary>
    private const decimal TooMany = 12;

    /// <summary>What fewer get, or all but so few, makes no difference (common practice, no source).</summary>
    private const decimal Few = 2;

    private readonly Dictionary<string, int> _out = [];
    private readonly Dictionary<string, int> _given = [];
    private int _teams;
    private int _gone;
    private int _placed;
    private decimal _totals;

    public void See(PlayedClass played)
    {
        foreach (var result in played.Results)
        {
            _teams++;
            if (result.Status == StandingStatus.DidNotPlace)
                _gone++;
            if (result is { Status: StandingStatus.Placed, Total: { } total })
            {
                _placed++;
                _totals += Math.Abs(total);
            }

            foreach (
                var rule in result
                    .Assessment.Rules.Where(r =>
                        r is { State: RuleState.Missed, Rule.IfMissed: Consequence.DoesNotPlace }
                    )
                    .Select(r => r.Rule.Id)
                    .Distinct()
            )
                _out[rule] = _out.GetValueOrDefault(rule) + 1;
            foreach (var bonus in result.Design.Bonuses)
                _given[bonus.Rule.Id] = _given.GetValueOrDefault(bonus.Rule.Id) + 1;
        }
    }

    /// <summary>Of a hundred teams, how many do not place.</summary>
    public decimal NotPlaced => Share.Of(_gone, _teams);

    /// <summary>A tenth of a usual total: what a must-have could cost instead.</summary>
    private decimal Lost => Math.Max(1, Math.Round(_totals / Math.Max(1, _placed) / 10));

    public IEnumerable<RehearsalFinding> Findings()
    {
        var musts = compiled
            .Rules.Select(r => r.Rule)
            .Where(r => r.IfMissed is Consequence.DoesNotPlace)
            .Select(r => (Rule: r, Out: Share.Of(_out.GetValueOrDefault(r.Id), _teams)))
            .ToList();
        RehearsalBar[] bars(Rule of) => [.. musts.Select(m => new RehearsalBar(m.Rule.Text, m.Out, m.Rule == of))];
        foreach (var (rule, gone) in musts.Where(m => m.Out > TooMany).OrderByDescending(m => m.Out))
        {
            yield return new(
                Of(rule.Id),
                FindingWeight.Wrong,
                RehearsalWords.PutsOutMany(rule, gone),
                gone,
                RehearsalWords.PutOut,
                bars(rule)
            )
            {
                Helps = RehearsalHelp.ForMustHave(rule, Lost),
                Comes = share => RehearsalWords.PutsOut(rule, share),
            };
        }

        foreach (var (rule, gone) in musts.Where(m => m.Out == 0))
            yield return new(
                Of(rule.Id),
                FindingWeight.Mind,
                RehearsalWords.PutsOutNobody(rule),
                gone,
                RehearsalWords.PutOut,
                bars(rule)
            );
        if (musts.Count > 0 && musts.All(m => m.Out <= TooMany) && (NotPlaced > TooMany || musts.All(m => m.Out > 0)))
            yield return new(
                "musts",
                NotPlaced > TooMany ? FindingWeight.Wrong : FindingWeight.Fine,
                RehearsalWords.PutOutSome(NotPlaced),
                NotPlaced,
                RehearsalWords.PutOut,
                [.. musts.Select(m => new RehearsalBar(m.Rule.Text, m.Out))]
            )
            {
                Helps =
                    musts.MaxBy(m => m.Out).Rule is { } hardest && NotPlaced > TooMany
                        ? RehearsalHelp.ForMustHave(hardest, Lost)
                        : [],
                Comes = RehearsalWords.MissAMustHave,
            };
        foreach (var rule in compiled.Rules.Select(r => r.Rule).Where(r => r.Bonus > 0))
        {
            var given = Share.Of(_given.GetValueOrDefault(rule.Id), _teams);
            if (given < Few || given > 100 - Few)
                yield return new(
                    Of(rule.Id),
                    FindingWeight.Wrong,
                    RehearsalWords.BonusForNobody(rule, given < Few),
                    given,
                    RehearsalWords.GetsIt,
                    [new(rule.Text, given, true)]
                )
                {
                    Helps = RehearsalHelp.ForBonus(rule),
                };
        }
    }
}
