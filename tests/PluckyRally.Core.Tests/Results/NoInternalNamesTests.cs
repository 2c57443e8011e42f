using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Results;

/// <summary>People read names; an id stays inside.</summary>
public sealed class NoInternalNamesTests
{
    [Fact]
    public void Words_of_every_kind_name_no_id()
    {
        var brief = EveryKind.Brief();
        var compiled = Sample.Ready(brief);
        var (teams, log) = EveryKind.Play(compiled);
        var rally = new Rally
        {
            Name = "A class",
            Edition = compiled.Edition,
            Teams = teams,
            Entries = log,
        };
        var opened = OpenedRally.Open(rally).OrThrow();
        var standings = Sample.Came(compiled, teams, log).Standings;
        var sheets = teams.Select(t => TeamSheet.For(opened, t.Id, 1)!).ToList();
        string[] said =
        [
            .. standings.Rows.SelectMany(r =>
                r.Why.Select(w => $"{w.Sentence} {w.AmountText}")
                    .Append(r.Reason)
                    .Concat(r.TooNear)
                    .Concat(r.Parts.SelectMany(p => new[] { p.Name, p.ValueText }))
            ),
            .. standings.Awards.Select(a => a.Says),
            .. standings.Findings,
            .. MethodWords.Say(compiled),
            BriefMarkdown.Write(compiled.Edition, withTeacherPart: true),
            .. sheets.SelectMany(s =>
                s.Log.Select(l => l.Says)
                    .Append(s.Reason)
                    .Concat(s.Parts.SelectMany(p => p.Working))
                    .Concat(s.Rules.SelectMany(r => new[] { r.Value, r.Limit }))
            ),
            .. Snags.Of(brief).SelectMany(s => new[] { s.What, s.Why, s.Fix?.Label ?? "" }),
            .. compiled.Figures.All.Select(f => f.Name),
            .. MeasureSummaries.Of(opened, 1).Select(s => s.Name),
            .. TryHandles.Of(compiled).Select(h => h.Name),
        ];
        said.Length.ShouldBeGreaterThan(150);
        said.Where(s => s.Contains("zq", StringComparison.OrdinalIgnoreCase)).Distinct().ShouldBeEmpty();
    }
}
