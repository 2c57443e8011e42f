using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Readings;
using PluckyRally.Web.Start;

namespace PluckyRally.Web.Demo;

/// <summary>
/// The demo's briefs, for a school to take copies of. They are read once, when somebody first asks; none where the
/// demo did not come along, and none in the demo itself, which has them on its shelf.
/// </summary>
internal sealed class ReadyBriefs(DemoBeside demo, ServerSettings settings)
{
    private readonly Lazy<IReadOnlyDictionary<string, Document<Brief>>> _all = new(() =>
        settings.Demo is not null || demo.Files is not { } folder
            ? new Dictionary<string, Document<Brief>>()
            : Directory
                .EnumerateFiles(folder, "*.brief.json")
                .Select(file => (Name: Path.GetFileName(file).Split('.')[0], File.ReadAllText(file)))
                .Select(file => (file.Name, Read: DocumentReader.Brief(file.Item2)))
                .Where(file => file.Read.IsOk)
                .ToDictionary(file => file.Name, file => file.Read.Value!, StringComparer.Ordinal)
    );

    /// <summary>All of them, by title.</summary>
    public IReadOnlyList<ReadyBrief> All =>
        [.. _all.Value.Select(b => ReadyBrief.Of(b.Key, b.Value.Value)).OrderBy(b => b.Title, StringComparer.Ordinal)];

    /// <summary>One by its name; null where there is none.</summary>
    public Document<Brief>? Find(string name) => _all.Value.GetValueOrDefault(name);
}

/// <summary>A brief that is ready to be copied.</summary>
/// <param name="Name">Names it.</param>
/// <param name="Title">What the challenge is called.</param>
/// <param name="Goal">The goal in one sentence.</param>
/// <param name="Season">When in the year it belongs.</param>
/// <param name="Pattern">The pattern it was begun from.</param>
/// <param name="Minutes">How long it takes.</param>
public sealed record ReadyBrief(string Name, string Title, string Goal, Season Season, Pattern Pattern, int Minutes)
{
    internal static ReadyBrief Of(string name, Brief brief) =>
        new(
            name,
            brief.Title,
            brief.Goal,
            brief.Season,
            brief.Pattern,
            Rounding.Whole(Math.Ceiling(Core.Time.Minutes.OfAll(brief)))
        );
}
