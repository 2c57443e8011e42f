using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp.Syntax;

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
        ["Ids"] = [],
        ["Files"] = ["Ids", "Problems"],
        ["Readings"] = ["Problems", "Words"],
        ["Expressions"] = ["Problems", "Words", "Readings"],
        ["Statistics"] = ["Problems", "Words", "Readings"],
        ["Instruments"] = ["Problems", "Words", "Readings"],
    };

    /// <summary>What looks at everything, and at which nothing looks.</summary>
    private static readonly string[] OnTop = ["Route", "Documents", "Day"];

    [Fact]
    public void No_folder_knows_one_above_it()
    {
        var known = CoreSource.Trees.Where(t => Below.ContainsKey(CoreSource.TopFolder(t))).SelectMany(Known).ToList();
        known
            .Select(k => k.From)
            .Distinct()
            .ShouldBe(Below.Keys.Except(["Ids", "Problems", "Words"]), ignoreOrder: true);
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
            .Where(k => !k.To.Except(OnTop).Any())
            .Select(k => k.Said)
            .ShouldBeEmpty();
    }

    /// <summary>
    /// Folders that know each other, as the first lines of their files say: docs/architecture.md argues for them. A new
    /// pair is a circle more; one that is gone is crossed out here and there.
    /// </summary>
    private static readonly string[] Circles =
    [
        "Briefs Checks",
        "Briefs Curves",
        "Briefs Figures",
        "Briefs Kit",
        "Briefs Parts",
        "Briefs Results",
        "Briefs Score",
        "Briefs Teams",
        "Briefs Time",
        "Checks Parts",
        "Checks Results",
        "Checks Score",
        "Curves Parts",
        "Curves Results",
        "Debriefs Rehearsals",
        "Debriefs Results",
        "Figures Parts",
        "Figures Results",
        "Kit Parts",
        "Kit Score",
        "Kit Teams",
        "Parts Rehearsals",
        "Parts Results",
        "Parts Score",
        "Parts Teams",
        "Results Run",
        "Results Score",
        "Results Teams",
        "Run Score",
        "Score Teams",
    ];

    [Fact]
    public void No_other_folders_know_each_other()
    {
        var known = CoreSource
            .Trees.SelectMany(tree => Named(tree).Select(to => (From: CoreSource.TopFolder(tree), To: to)))
            .ToHashSet();
        known
            .Where(k => string.CompareOrdinal(k.From, k.To) < 0 && known.Contains((k.To, k.From)))
            .Select(k => $"{k.From} {k.To}")
            .Order(StringComparer.Ordinal)
            .ShouldBe(Circles);
    }

    /// <summary>A case of a union stands in its own folder, and in the namespace of the union.</summary>
    [Fact]
    public void A_top_folder_is_a_namespace() =>
        CoreSource
            .Trees.Where(t => Namespace(t) != CoreSource.TopFolder(t) && !HasCaseOfUnion(t))
            .Select(t => t.FilePath)
            .ShouldBeEmpty();

    [Theory]
    [InlineData("PluckyRally.Data")]
    [InlineData("PluckyRally.Web")]
    public void So_it_is_where_the_core_is_used(string project)
    {
        var folder = Path.Combine(ProjectFolder.Root, "src", project);
        CoreSource
            .Written(folder)
            .Select(f =>
                (Path: Path.GetRelativePath(folder, f).Split(Path.DirectorySeparatorChar), Tree: CoreSource.Parse(f))
            )
            .Select(f => (f.Tree, Wanted: f.Path.Length > 1 ? $"{project}.{f.Path[0]}" : project))
            .Where(f =>
                f.Tree.GetRoot().DescendantNodes().OfType<BaseNamespaceDeclarationSyntax>().SingleOrDefault()
                    is { } space
                && space.Name.ToString() != f.Wanted
            )
            .Select(f => f.Tree.FilePath)
            .ShouldBeEmpty();
    }

    private static bool HasCaseOfUnion(SyntaxTree tree) =>
        tree.GetRoot()
            .DescendantNodes()
            .OfType<TypeDeclarationSyntax>()
            .Select(d => CoreSource.Model(tree).GetDeclaredSymbol(d)!)
            .Any(s =>
                s.ContainingType is null
                && s.DeclaringSyntaxReferences.Select(r => CoreSource.TopFolder(r.SyntaxTree)).Distinct().Count() > 1
            );

    /// <summary>The other folders that the first lines of a file name.</summary>
    private static IEnumerable<string> Named(SyntaxTree tree) =>
        ((CompilationUnitSyntax)tree.GetRoot())
            .Usings.Select(u => u.Name!.ToString())
            .Where(n => n.StartsWith(Root, StringComparison.Ordinal))
            .Select(n => n[Root.Length..].Split('.')[0])
            .Append(Namespace(tree))
            .Where(n => n != CoreSource.TopFolder(tree));

    private static string Namespace(SyntaxTree tree) =>
        tree.GetRoot().DescendantNodes().OfType<BaseNamespaceDeclarationSyntax>().Single().Name.ToString()[
            Root.Length..
        ];

    private const string Root = "PluckyRally.Core.";

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
