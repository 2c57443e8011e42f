using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp.Syntax;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Structure;

/// <summary>What is shown of a rally comes from one reading of what stands.</summary>
public sealed class OneReadingTests
{
    /// <summary>Those that write the log, list it, or find out what stands; all others are given what stands.</summary>
    private static readonly string[] OfTheLog =
    [
        "Papers/JudgeSheet.cs",
        "Score/Entry.cs",
        "Score/LastTouched.cs",
        "Score/LogLine.cs",
        "Score/KnownSubjects.cs",
        "Score/OpenedRally.cs",
        "Score/Recorder.cs",
        "Score/RoundSheets.cs",
        "Score/StruckOut.cs",
        "Score/TeamSheet.cs",
    ];

    [Fact]
    public void The_log_as_it_was_received_is_seen_by_those_who_write_and_list_it() =>
        Naming(["Received", "Entries"], typeof(OpenedRally), typeof(Rally), typeof(LogToJoin))
            .ShouldBe(OfTheLog, ignoreOrder: true);

    [Fact]
    public void A_round_is_scored_by_its_result_alone() =>
        Naming([nameof(Scorer.Results), nameof(Scorer.ByAnother)], typeof(Scorer)).ShouldBe(["Results/RoundResult.cs"]);

    /// <summary>The files that name a member of some types.</summary>
    private static IEnumerable<string> Naming(string[] members, params Type[] of) =>
        CoreSource
            .Trees.Where(tree =>
                tree.GetRoot()
                    .DescendantNodes()
                    .OfType<IdentifierNameSyntax>()
                    .Where(name => members.Contains(name.Identifier.Text))
                    .Select(name => CoreSource.Model(tree).GetSymbolInfo(name).Symbol)
                    .Any(symbol => of.Any(type => type.Name == symbol?.ContainingType?.Name))
            )
            .Select(tree => Path.GetRelativePath(CoreSource.Folder, tree.FilePath));
}
