using PluckyRally.Core.Documents;
using PluckyRally.Core.Score;

namespace PluckyRally.Ui.Tests;

/// <summary>What a rally's file comes to, without a server: as <c>./rally score</c> finds it.</summary>
internal static class ScoredFile
{
    /// <summary>The rows of the standings: each team's total as shown, by its name.</summary>
    public static Dictionary<string, string> Totals(string rallyFile, int round = 1)
    {
        var rally = OpenedRally.Open(DocumentReader.Rally(rallyFile).OrThrow().Value).OrThrow();
        return rally.Result(round).Standings.Rows.ToDictionary(r => r.Name, r => r.TotalText);
    }
}
