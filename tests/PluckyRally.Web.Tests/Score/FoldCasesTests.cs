using System.Text.Json;
using PluckyRally.Core.Files;
using PluckyRally.Core.Score;

namespace PluckyRally.Web.Tests.Score;

/// <summary>
/// The browser shows at once what it has recorded. Its fold is held to what the core makes of the same entries: the
/// cases stand in a file that both read.
/// </summary>
public sealed class FoldCasesTests
{
    private static readonly JsonSerializerOptions Tight = new(Json.Options)
    {
        WriteIndented = false,
        Encoder = System.Text.Encodings.Web.JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    private static string File =>
        Path.Combine(ProjectFolder.Root, "web", "src", "stations", "score", "fold.cases.json");

    [Fact]
    public void The_file_that_the_browser_is_tested_with_says_what_the_core_says() =>
        System
            .IO.File.ReadAllText(File)
            .ShouldBe(
                Write(),
                "write the cases anew with -explicit only -method '*.Write_the_cases_anew', and look at what differs"
            );

    [Fact]
    public void Cases_are_of_every_kind_of_entry_that_a_sheet_answers_to()
    {
        var kinds = FoldCases.All.SelectMany(c => c.Waiting).Select(e => e.GetType()).ToHashSet();
        typeof(Entry.OfPart)
            .Assembly.GetTypes()
            .Where(t => t.IsSealed && t.IsAssignableTo(typeof(Entry.OfPart)))
            .Except([typeof(Entry.TasksTimed), typeof(Entry.ItemsCarried), typeof(Entry.RelayStopped)])
            .Where(t => !kinds.Contains(t))
            .ShouldBeEmpty();
        kinds.ShouldContain(typeof(Entry.StruckOut));
    }

    [Fact(Explicit = true)]
    public void Write_the_cases_anew() => System.IO.File.WriteAllText(File, Write());

    /// <summary>A case a line.</summary>
    private static string Write() =>
        $"[\n{string.Join(",\n", FoldCases.All.Select(c => JsonSerializer.Serialize(c, Tight)))}\n]\n";
}
