using System.Collections.Concurrent;
using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;

namespace PluckyRally.Core.Tests.Structure;

/// <summary>The core's source, understood as the compiler understands it.</summary>
internal static class CoreSource
{
    public static string Folder { get; } = Path.Combine(ProjectFolder.Root, "src", "PluckyRally.Core");

    public static IReadOnlyList<SyntaxTree> Trees { get; } = [.. Written(Folder).Select(Parse)];

    public static CSharpCompilation Compilation { get; } = Compile();

    private static readonly ConcurrentDictionary<SyntaxTree, SemanticModel> Models = new();

    /// <summary>What a file means; it is worked out once for all tests.</summary>
    public static SemanticModel Model(SyntaxTree tree) =>
        Models.GetOrAdd(tree, static t => Compilation.GetSemanticModel(t));

    /// <summary>A source file's top folder: "Parts" for Parts/Relay/RelayPlan.cs.</summary>
    public static string TopFolder(SyntaxTree tree) =>
        Path.GetRelativePath(Folder, tree.FilePath).Split(Path.DirectorySeparatorChar)[0];

    public static string Place(SyntaxNode node) =>
        $"{Path.GetRelativePath(ProjectFolder.Root, node.SyntaxTree.FilePath)}:"
        + $"{node.GetLocation().GetLineSpan().StartLinePosition.Line + 1}";

    public static IEnumerable<string> Written(string folder) =>
        Directory
            .EnumerateFiles(folder, "*.cs", SearchOption.AllDirectories)
            .Where(f =>
                !Path.GetRelativePath(folder, f).Split(Path.DirectorySeparatorChar).Any(p => p is "obj" or "bin")
            );

    public static SyntaxTree Parse(string file) =>
        CSharpSyntaxTree.ParseText(File.ReadAllText(file), new CSharpParseOptions(LanguageVersion.Preview), file);

    private static CSharpCompilation Compile()
    {
        const string usings =
            "global using System; global using System.Collections.Generic; global using System.IO; global "
            + "using System.Linq; global using System.Threading; global using System.Threading.Tasks;";
        var references = ((string)AppContext.GetData("TRUSTED_PLATFORM_ASSEMBLIES")!)
            .Split(Path.PathSeparator)
            .Where(f => Path.GetFileName(f) != "PluckyRally.Core.dll")
            .Select(f => MetadataReference.CreateFromFile(f));
        return CSharpCompilation.Create(
            "Core",
            [.. Trees, CSharpSyntaxTree.ParseText(usings, new CSharpParseOptions(LanguageVersion.Preview))],
            references,
            new(OutputKind.DynamicallyLinkedLibrary, nullableContextOptions: NullableContextOptions.Enable)
        );
    }
}
