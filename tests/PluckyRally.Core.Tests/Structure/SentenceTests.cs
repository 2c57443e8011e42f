using System.Text.RegularExpressions;
using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp.Syntax;

namespace PluckyRally.Core.Tests.Structure;

/// <summary>Scoring makes facts. What is said of them stands in files of words, and in members that say.</summary>
public sealed class SentenceTests
{
    private static readonly string[] Folders = ["Expressions", "Figures", "Curves", "Checks", "Parts", "Results"];

    [Fact]
    public void Scoring_makes_no_text() =>
        CoreSource
            .Trees.Where(t =>
                Folders.Contains(CoreSource.TopFolder(t))
                && !Path.GetFileName(t.FilePath).EndsWith("Words.cs", StringComparison.Ordinal)
            )
            .SelectMany(t => t.GetRoot().DescendantNodes())
            .Where(n =>
                n is LiteralExpressionSyntax or InterpolatedStringTextSyntax
                && Sentence.IsMatch(n.ToString())
                && !IsSaid(n)
                && !IsOfInput(n)
            )
            .Select(n => $"{CoreSource.Place(n)}: {n}")
            .ShouldBeEmpty();

    /// <summary>
    /// In a member that says something, or says what is wrong with a document: there the message stands beside the
    /// check.
    /// </summary>
    private static bool IsSaid(SyntaxNode node) =>
        node.Ancestors().OfType<MemberDeclarationSyntax>().FirstOrDefault() switch
        {
            MethodDeclarationSyntax method => method.Identifier.Text is "Step" or "Snags"
                || method.Identifier.Text.StartsWith("Say", StringComparison.Ordinal)
                || method.Identifier.Text.StartsWith("Show", StringComparison.Ordinal),
            _ => false,
        };

    private static bool IsOfInput(SyntaxNode node)
    {
        var model = CoreSource.Model(node.SyntaxTree);
        return node.Ancestors()
            .Any(a =>
                a switch
                {
                    InvocationExpressionSyntax call => model.GetSymbolInfo(call).Symbol
                        is IMethodSymbol { ContainingType.Name: "ProblemCollector" or "Result" or "FigureList" }
                            or IMethodSymbol
                            {
                                Name: "Refuse"
                                    or "Matched"
                                    or "Find"
                                    or "Part"
                                    or "Handle"
                                    or "Amount"
                                    or "Happening"
                                    or "Exact"
                            },
                    BaseObjectCreationExpressionSyntax made => model.GetTypeInfo(made).Type?.Name
                        is "Problem"
                            or "Snag"
                            or "PartFact"
                            or "Measure"
                            or "TryHandle"
                            or "Fix",
                    AttributeSyntax => true,
                    _ => false,
                }
            );
    }

    private static readonly Regex Sentence = new("[a-z]{2,} [a-z]{2,}");
}
