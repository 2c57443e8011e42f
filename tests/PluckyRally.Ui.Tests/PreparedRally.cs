using System.Net.Http.Json;
using System.Text.Json;
using Xunit;

namespace PluckyRally.Ui.Tests;

/// <summary>A rally of two teams, Plovers and Whelks, begun without going through the screens before Score.</summary>
internal static class PreparedRally
{
    /// <summary>The id of a brief on the shelf.</summary>
    public static async Task<string> OnShelf(RunningServer server, string title)
    {
        using var http = new HttpClient { BaseAddress = new Uri(server.Address) };
        var briefs = await http.GetFromJsonAsync<JsonElement>("/api/briefs", TestContext.Current.CancellationToken);
        return briefs.EnumerateArray().Single(b => b.GetProperty("title").GetString() == title).GetProperty("id").GetString()!;
    }

    /// <summary>Begins it, and gives its id.</summary>
    public static async Task<string> Begin(RunningServer server, string brief, string name)
    {
        using var http = new HttpClient { BaseAddress = new Uri(server.Address) };
        var begun = await http.PostAsJsonAsync("/api/rallies", new { brief, name, teams = new[] { new { name = "Plovers" }, new { name = "Whelks" } } }, TestContext.Current.CancellationToken);
        return (await begun.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken)).GetProperty("id").GetString()!;
    }
}
