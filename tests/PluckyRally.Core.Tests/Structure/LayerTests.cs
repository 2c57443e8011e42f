using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp.Syntax;
using Shouldly;
using Xunit;

namespace PluckyRally.Core.Tests.Structure;

/// <summary>The direction in which the core's folders know each other.</summary>
public sealed class LayerTests
{
    /// <summary>
    /// What each folder below the documents may know. The folders of the documents and of scoring know each other and
    /// all of these.
    /// </summary>
    private static readonly Dictionary<string, string[]> Below = new()
    {
        ["Problems"] = [],
        ["Words"] = [],
        ["Readings"] = ["Problems", "Words"],
        ["Expressions"] = ["Problems", "Words", "Readings"],
        ["Statistics"] = ["Problems", "Words", "Readings"],
        ["Instruments"] = ["Problems", "Words", "Readings"],
    };

    /// <summary>What looks at everything, and at which nothing looks.</summary>
    private static readonly string[] OnTop = ["Route"];

    [Fact]
    public void No_folder_knows_one_above_it()
    {
        var known = CoreSource.Trees.Where(t => Below.ContainsKey(CoreSource.TopFolder(t))).SelectMany(Known).ToList();
        known.Select(k => k.From).Distinct().ShouldBe(Below.Keys.Except(["Problems", "Words"]), ignoreOrder: true);
        known.Where(k => !k.To.Intersect(Below[k.From]).Any()).Select(k => k.Said).ShouldBeEmpty();
    }

    /// <summary>
    /// Whoever has to do with a type names it, or names something that does: so the names of types are enough.
    /// </summary>
    [Fact]
    public void Nothing_looks_at_what_is_on_top()
    {
        var types = CoreSource
            .Trees.Where(t => OnTop.Contains(CoreSource.TopFolder(t)))
            .SelectMany(t => t.GetRoot().DescendantNodes().OfType<BaseTypeDeclarationSyntax>())
            .Select(t => t.Identifier.Text)
            .ToHashSet();
        types.ShouldNotBeEmpty();
        CoreSource
            .Trees.Where(t => !OnTop.Contains(CoreSource.TopFolder(t)))
            .SelectMany(tree => Known(tree, types.Contains))
            .Where(k => k.To.Intersect(OnTop).Any())
            .Select(k => k.Said)
            .ShouldBeEmpty();
    }

    private static IEnumerable<Knowing> Known(SyntaxTree tree) => Known(tree, _ => true);

    /// <summary>
    /// What a file names of another folder; of a union whose cases stand in several, all of those folders.
    /// </summary>
    private static IEnumerable<Knowing> Known(SyntaxTree tree, Func<string, bool> isLookedAt) =>
        from name in tree.GetRoot().DescendantNodes().OfType<SimpleNameSyntax>()
        where isLookedAt(name.Identifier.Text)
        let symbol = CoreSource.Model(tree).GetSymbolInfo(name).Symbol
        let type = symbol as INamedTypeSymbol ?? symbol?.ContainingType
        where type is { ContainingAssembly.Name: "Core" }
        let folders = type.DeclaringSyntaxReferences.Select(r => CoreSource.TopFolder(r.SyntaxTree)).ToList()
        where folders.Count > 0 && !folders.Contains(CoreSource.TopFolder(tree))
        select new Knowing(
            CoreSource.TopFolder(tree),
            folders,
            $"{CoreSource.Place(name)} knows {type.Name} of {folders[0]}"
        );

    private sealed record Knowing(string From, IReadOnlyList<string> To, string Said);
}
