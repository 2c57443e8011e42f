using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>Writes results the way they are shown and read out.</summary>
internal static class StandingsWords
{
    public static Standings Write(RoundResult came)
    {
        var (run, results, earlier) = (came.Run, came.Teams, came.Earlier);
        var references = ReferenceStanding.Of(came);
        var compiled = run.Compiled;
        return new()
        {
            Round = run.Number,
            BriefChanges = [.. run.BriefChanges.Select(BriefChange.Of)],
            Wins = compiled.Brief.Method.Wins,
            WinsText = compiled.Brief.Method.Ranking
                ? Ranking.Ranks(compiled, results)
                    ? MethodWords.Wins(compiled.Brief.Method)
                    : ""
                : MethodWords.NobodyWins,
            Ranking = Ranking.Ranks(compiled, results),
            Provisional =
                compiled.Parts.Any(p => p.Curve.ComparesTeams)
                && results.Any(r => r.Status == StandingStatus.Unfinished),
            Rows = [.. results.Select(r => Write(run, r, earlier.GetValueOrDefault(r.Team.Id), references))],
            Awards = Awarding.Give(compiled, results),
            References = references,
            Findings = DecidedWords.Say(compiled, results),
        };
    }

    /// <summary>Points that rules won or lost, with their sign; empty where there are none.</summary>
    private static string Sum(IEnumerable<decimal> points, Method method, bool helps)
    {
        var sum = points.Sum();
        var adds = helps == (method.Wins == WinningDirection.Highest);
        return sum == 0 ? "" : $"{(adds ? "+" : "−")}{ReadingFormat.Points(sum, method.Precision)}";
    }

    private static string NoPlace(TeamResult result, bool ranking) =>
        result.Status switch
        {
            StandingStatus.Placed => "",
            StandingStatus.Unfinished => $"Not finished. {SentenceCase.Beginning(result.Reason)}",
            StandingStatus.DidNotPlace => $"{(ranking ? "No place: missed" : "Missed")} “{result.Reason}”",
            StandingStatus.Away => SentenceCase.Beginning(result.Reason),
        };

    private static Standing Write(
        RunRound run,
        TeamResult result,
        Assessment? before,
        IReadOnlyList<ReferenceStanding> references
    )
    {
        var compiled = run.Compiled;
        var cards = result.Design.Cards.Select(c => c.Points).ToList();
        return new()
        {
            Team = result.Team.Id,
            Name = result.Team.Name,
            Status = result.Status,
            Place = result.Rank,
            PlaceText = result.Rank is { } place ? English.Place(place, result.Sharing > 1) : "",
            Reason = result.Reason,
            NoPlaceText = NoPlace(result, compiled.Brief.Method.Ranking),
            Total = result.Total,
            TotalText = result.Total is { } total
                ? ReadingFormat.WithBound(ReadingFormat.Points(total, compiled.Brief.Method.Precision), result.Bound)
                : "",
            Bound = result.Bound,
            BonusText = Sum(
                result.Design.Bonuses.Select(b => b.Points).Concat(cards.Where(c => c > 0)),
                compiled.Brief.Method,
                helps: true
            ),
            DeductionText = Sum(
                result.Design.Deductions.Select(d => d.Points).Concat(cards.Where(c => c < 0).Select(c => -c)),
                compiled.Brief.Method,
                helps: false
            ),
            Parts =
            [
                .. result.Parts.Select(
                    (p, at) =>
                        PartScore.Of(compiled, p) with
                        {
                            Against =
                                p.State == PartState.Scored && p.Plan.HasRatio
                                    ? ReferenceStanding.Against(
                                        references,
                                        result.Team.Id,
                                        p.Plan.Part.Id,
                                        p.Value.Value.Number
                                    )
                                    : [],
                            SinceLastRound = before is null
                                ? ""
                                : SinceWords.Say(p, before.Values[at], run.Number - 1, compiled.Brief.Method),
                        }
                ),
            ],
            TooNear = [.. result.Assessment.Rules.Where(r => r.TooNear).Select(TooNear)],
            Musts =
            [
                .. compiled
                    .Rules.Where(r => !r.Rule.IsBonus && r.IsFor(result.Team))
                    .Select(r => MustShown.Of(r.Rule, result.Assessment.Rules)),
            ],
            Done = compiled.PassedOrNot ? AttemptFate.SayDone(result.Assessment.Design) : null,
            Targets = TargetOutcome.Of(compiled, result),
            Designs = DesignShown.Of(run, result, result.Designs),
            Noted = [.. result.Record.Entries.OfType<Entry.NoteMade>().Select(n => n.Text)],
            Changed =
                run.Number == 1
                    ? []
                    :
                    [
                        .. result
                            .Record.Entries.OfType<Entry.DesignNoted>()
                            .Where(d => d.Changed.Length > 0)
                            .Select(d => d.SayChanged),
                    ],
            WriteWhy = () => TraceWords.Write(compiled, result),
        };
    }

    /// <summary>Why a rule is too near to call.</summary>
    private static string TooNear(RuleOutcome rule) =>
        $"“{rule.Rule.Text}”: {rule.Found!.SayValue()} "
        + (rule.LeftOpen ? "leaves open whether it is" : "is too close to call: the rule says")
        + $" {rule.Found.SayLimit()}. Measure again.";
}
