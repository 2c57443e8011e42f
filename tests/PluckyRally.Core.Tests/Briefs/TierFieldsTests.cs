using System.Text.Json;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>Whatever the table of tiers offers can be changed in a tier, and the brief is still read.</summary>
public sealed class TierFieldsTests
{
    public static TheoryData<string> Files =>
        new(
            Directory
                .GetFiles(Path.Combine(ProjectFolder.Root, "demo"), "*.brief.json")
                .Select(f => Path.GetFileName(f)!)
                .Order(StringComparer.Ordinal)
        );

    [Theory]
    [MemberData(nameof(Files))]
    public void Every_place_that_is_offered_takes_a_value_of_its_kind_and_has_a_name(string file)
    {
        var brief = DocumentReader
            .Brief(File.ReadAllText(Path.Combine(ProjectFolder.Root, "demo", file)))
            .OrThrow()
            .Value with
        {
            Tiers = [],
        };
        var fields = TierTable.Of(brief).Fields;
        fields.Select(f => f.At).ShouldBeUnique();
        fields.Select(f => f.Name).ShouldBeUnique();
        foreach (var field in fields)
        {
            var there =
                JsonSerializer.SerializeToNode(brief, Json.Options) is { } root
                && DocumentPaths.At(root, field.At) is { } node
                    ? node
                    : null;
            object value = field.Kind switch
            {
                TierFieldKind.Number => 3,
                TierFieldKind.YesNo => true,
                TierFieldKind.Choice => field.Words[^1],
                TierFieldKind.List => there ?? throw new InvalidOperationException(field.At),
                TierFieldKind.Text => "1 cm",
                _ => throw new System.Diagnostics.UnreachableException(),
            };
            var tier = new Tier
            {
                Id = "other",
                Overrides = [new(field.At, JsonSerializer.SerializeToElement(value, Json.Options))],
            };
            Editions.Resolve(brief with { Tiers = [tier] }, "other").IsOk.ShouldBeTrue($"{field.At} = {value}");
        }
    }

    [Fact]
    public void A_tier_has_its_own_legs_faults_prices_keys_and_points()
    {
        string[] Offered(string file) =>
            [
                .. TierTable
                    .Of(
                        DocumentReader
                            .Brief(File.ReadAllText(Path.Combine(ProjectFolder.Root, "demo", file)))
                            .OrThrow()
                            .Value
                    )
                    .Fields.Select(f => f.Name),
            ];
        new[]
        {
            "Bucket chain: legs",
            "Bucket chain: points for each item",
            "Bucket chain: spill: seconds",
            "Bucket chain: points",
        }.ShouldBeSubsetOf(Offered("bucket-chain.brief.json"));
        new[] { "Tokens left: money to spend", "Tokens left: sheets of foil: price" }.ShouldBeSubsetOf(
            Offered("cold-box.brief.json")
        );
        new[]
        {
            "In the right tray: mussel shell: bin",
            "In the right tray: seconds for each wrong",
            "In the right tray: points for each wrong",
        }.ShouldBeSubsetOf(Offered("strandline-sort.brief.json"));
        Offered("lantern-walk.brief.json").ShouldContain("What it can do: points for time: points");
    }
}
