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
        var known = Known().ToLookup(k => k.From, k => k);
        foreach (var (folder, may) in Below)
            known[folder].Where(k => !k.To.Intersect(may).Any()).Select(k => k.Said).ShouldBeEmpty();
        known.SelectMany(k => k).Where(k => k.To.Intersect(OnTop).Any()).Select(k => k.Said).ShouldBeEmpty();
    }

    /// <summary>
    /// What each file names of another folder; of a union whose cases stand in several, all of those folders.
    /// </summary>
    private static IEnumerable<(string From, IReadOnlyList<string> To, string Said)> Known() =>
        CoreSource.Trees.SelectMany(tree =>
        {
            var model = CoreSource.Compilation.GetSemanticModel(tree);
            var from = CoreSource.TopFolder(tree);
            return from name in tree.GetRoot().DescendantNodes().OfType<SimpleNameSyntax>()
                let symbol = model.GetSymbolInfo(name).Symbol
                let type = symbol as INamedTypeSymbol ?? symbol?.ContainingType
                where type is { ContainingAssembly.Name: "Core" }
                let folders = type.DeclaringSyntaxReferences.Select(r => CoreSource.TopFolder(r.SyntaxTree)).ToList()
                where folders.Count > 0 && !folders.Contains(@from)
                select (
                    @from,
                    (IReadOnlyList<string>)folders,
                    $"{CoreSource.Place(name)} knows {type.Name} of {folders[0]}"
                );
        });
}
