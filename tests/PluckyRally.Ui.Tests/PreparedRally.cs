using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace PluckyRally.Ui.Tests;

/// <summary>A rally of two teams, Plovers and Whelks, begun without going through the screens before Score.</summary>
internal static class PreparedRally
{
    /// <summary>The id of a brief on the shelf.</summary>
    public static async Task<string> OnShelf(RunningServer server, string title)
    {
        using var http = new HttpClient { BaseAddress = new Uri(server.Address) };
        var briefs = await http.GetFromJsonAsync<JsonElement>("/api/briefs", TestContext.Current.CancellationToken);
        return briefs
            .EnumerateArray()
            .Single(b => b.GetProperty("title").GetString() == title)
            .GetProperty("id")
            .GetString()!;
    }

    /// <summary>Puts a brief on the shelf.</summary>
    public static void Shelve(string address, JsonNode brief)
    {
        using var http = new HttpClient { BaseAddress = new Uri(address) };
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/briefs")
        {
            Content = new StringContent(brief.ToJsonString(), Encoding.UTF8, "application/json"),
        };
        http.Send(request, TestContext.Current.CancellationToken).EnsureSuccessStatusCode();
    }

    /// <summary>Brings in one of the demo's rallies, and gives its id.</summary>
    public static async Task<string> FromDemo(string address, string file) =>
        await BringIn(
            address,
            await File.ReadAllTextAsync(
                Path.Combine(ProjectFolder.Root, "demo", file),
                TestContext.Current.CancellationToken
            )
        );

    /// <summary>Brings in a rally's file, and gives its id.</summary>
    public static async Task<string> BringIn(string address, string file)
    {
        using var http = new HttpClient { BaseAddress = new Uri(address) };
        using var sent = await http.PostAsync(
            "/api/files",
            new StringContent(file, Encoding.UTF8, "application/json"),
            TestContext.Current.CancellationToken
        );
        return sent.Headers.Location!.ToString().Split('/')[^1];
    }

    /// <summary>Begins it, and gives its id.</summary>
    public static async Task<string> Begin(RunningServer server, string brief, string name)
    {
        using var http = new HttpClient { BaseAddress = new Uri(server.Address) };
        var begun = await http.PostAsJsonAsync(
            "/api/rallies",
            new
            {
                brief,
                name,
                teams = new[] { new { name = "Plovers" }, new { name = "Whelks" } },
            },
            TestContext.Current.CancellationToken
        );
        return (await begun.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken))
            .GetProperty("id")
            .GetString()!;
    }

    /// <summary>
    /// Checks that what the page of results says of the Plovers is what the command line finds in the rally's file.
    /// </summary>
    /// <param name="server">The server.</param>
    /// <param name="window">A window that has shown nothing worse than refusals so far.</param>
    /// <param name="rally">The rally.</param>
    /// <param name="total">What it must be; whatever both agree on where absent.</param>
    /// <param name="expected">What the browser's log may say because the test brought it about.</param>
    public static async Task Agrees(
        RunningServer server,
        Browser window,
        string rally,
        string? total,
        string expected = "422"
    )
    {
        window.ShouldHaveCleanConsole(expected);
        using var http = new HttpClient { BaseAddress = new Uri(server.Address) };
        var found = (
            ScoredFile.Totals(
                await http.GetStringAsync($"/api/rallies/{rally}/file", TestContext.Current.CancellationToken)
            )
        )["Plovers"];
        if (total is not null)
            found.ShouldBe(total);
        window.Open($"/rallies/{rally}/results");
        window.Until(() => window.Row("Plovers").Text.Contains(found, StringComparison.Ordinal), $"the total {found}");
    }
}
