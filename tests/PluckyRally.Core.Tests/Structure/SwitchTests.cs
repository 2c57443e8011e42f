using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;

namespace PluckyRally.Core.Tests.Structure;

/// <summary>What a kind does stands with the kind, and the compiler names what is missing.</summary>
public sealed class SwitchTests
{
    /// <summary>
    /// The web writes each sort of part for a device that walks about; this is the one place outside that knows them
    /// all.
    /// </summary>
    private static readonly string[] MaySwitch = ["src/PluckyRally.Web/Score/JudgeRallyView.cs"];

    [Fact]
    public void No_switch_in_the_core_is_over_the_cases_of_a_closed_union() =>
        Switches()
            .Where(s => s.Over is { } over && IsUnion(over) && Patterns(s.Node).Any(NamesACase))
            .Select(s => $"{CoreSource.Place(s.Node)} over {s.Over!.Name}")
            .ShouldBeEmpty();

    [Fact]
    public void No_switch_outside_the_core_is_either()
    {
        var unions = Unions().Select(u => u.Name).ToHashSet();
        var arms = new[] { "PluckyRally.Web", "PluckyRally.Cli", "PluckyRally.Data", "PluckyRally.Instruments" }
            .SelectMany(project => CoreSource.Written(Path.Combine(ProjectFolder.Root, "src", project)))
            .SelectMany(file => CoreSource.Parse(file).GetRoot().DescendantNodes())
            .Where(node => node is SwitchExpressionSyntax or SwitchStatementSyntax)
            .SelectMany(node =>
                Patterns(node)
                    .SelectMany(p => p.DescendantNodesAndSelf())
                    .OfType<QualifiedNameSyntax>()
                    .Where(n => unions.Contains(n.Left.ToString()))
                    .Select(CoreSource.Place)
            )
            .Where(place => !MaySwitch.Any(file => place.StartsWith(file, StringComparison.Ordinal)));
        arms.ShouldBeEmpty();
    }

    [Fact]
    public void A_switch_over_an_enumeration_of_ours_has_an_arm_for_each_name_and_no_default() =>
        Switches()
            .Where(s => s.Over is { TypeKind: TypeKind.Enum, ContainingAssembly.Name: "Core" } && s.HasDefault)
            .Select(s => $"{CoreSource.Place(s.Node)} over {s.Over!.Name}")
            .ShouldBeEmpty();

    [Fact]
    public void What_the_source_declares_is_understood_without_an_error() =>
        CoreSource
            .Compilation.GetDeclarationDiagnostics(TestContext.Current.CancellationToken)
            .Where(d => d.Severity == DiagnosticSeverity.Error && !IsOfAGenerator(d))
            .Select(d => d.ToString())
            .ShouldBeEmpty();

    /// <summary>A partial method whose other half the build's generators write.</summary>
    private static bool IsOfAGenerator(Diagnostic diagnostic) => diagnostic.Id is "CS8795";

    private static IEnumerable<INamedTypeSymbol> Unions() =>
        new[]
        {
            typeof(Part),
            typeof(PartPlan),
            typeof(RuleCheck),
            typeof(RulePlan),
            typeof(Entry),
            typeof(Curve),
            typeof(Consequence),
            typeof(Absence),
            typeof(Figure),
        }.Select(t => CoreSource.Compilation.GetTypeByMetadataName(t.FullName!)!);

    private static IEnumerable<PatternSyntax> Patterns(SyntaxNode node) =>
        node is SwitchExpressionSyntax expression
            ? expression.Arms.Select(a => a.Pattern)
            : ((SwitchStatementSyntax)node)
                .Sections.SelectMany(s => s.Labels)
                .OfType<CasePatternSwitchLabelSyntax>()
                .Select(l => l.Pattern);

    private static bool NamesACase(PatternSyntax pattern)
    {
        var model = CoreSource.Model(pattern.SyntaxTree);
        return pattern
            .DescendantNodesAndSelf()
            .OfType<SimpleNameSyntax>()
            .Any(n => model.GetSymbolInfo(n).Symbol is INamedTypeSymbol { BaseType: { } parent } && IsUnion(parent));
    }

    private static bool IsUnion(ITypeSymbol type) => Unions().Any(u => SymbolEqualityComparer.Default.Equals(u, type));

    private static IEnumerable<(SyntaxNode Node, ITypeSymbol? Over, bool HasDefault)> Switches() =>
        CoreSource.Trees.SelectMany(tree =>
        {
            var model = CoreSource.Model(tree);
            var nodes = tree.GetRoot().DescendantNodes().ToList();
            return nodes
                .OfType<SwitchExpressionSyntax>()
                .Select(s =>
                    (
                        (SyntaxNode)s,
                        model.GetTypeInfo(s.GoverningExpression).Type,
                        s.Arms.Any(a => a.Pattern is DiscardPatternSyntax)
                    )
                )
                .Concat(
                    nodes
                        .OfType<SwitchStatementSyntax>()
                        .Select(s =>
                            (
                                (SyntaxNode)s,
                                model.GetTypeInfo(s.Expression).Type,
                                s.Sections.Any(c => c.Labels.Any(l => l is DefaultSwitchLabelSyntax))
                            )
                        )
                );
        });
}
