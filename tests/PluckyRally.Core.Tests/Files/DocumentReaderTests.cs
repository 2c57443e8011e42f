using System.Text.Json;
using CsCheck;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Tests.Files;

public sealed class DocumentReaderTests
{
    [Fact]
    public void What_is_written_is_read_back_the_same()
    {
        var rally = new Happening(Sample.Simple(2), "Terns");
        rally.Counted("Terns", "50+");
        rally.Void("Terns");
        var text = Json.Write(rally.Rally);
        Json.Write(DocumentReader.Rally(text).OrThrow().Value).ShouldBe(text);
    }

    [Fact]
    public void Unknown_fields_are_kept_and_warned_of()
    {
        var read = DocumentReader.Brief(
            """
            { "format": "plucky-rally/brief", "version": 1, "title": "Ferry", "colour": "red",
              "measures": [{ "id": "h", "kind": "length", "unit": "cm", "note": { "by": "me" } }] }
            """
        );
        read.IsOk.ShouldBeTrue();
        read.Problems.ShouldAllBe(p => p.Severity == Severity.Warning);
        read.Problems.Select(p => p.At).ShouldBe(["/colour", "/measures/h/note"]);
        var full = JsonElement.Parse(read.Value!.Text);
        full.GetProperty("colour").GetString().ShouldBe("red");
        full.GetProperty("measures")[0].GetProperty("note").GetProperty("by").GetString().ShouldBe("me");
        full.GetProperty("measures")[0].GetProperty("step").GetInt32().ShouldBe(1);
        full.GetProperty("story").GetString().ShouldBe("");
    }

    [Fact]
    public void All_wrong_fields_are_refused_at_once_with_their_places()
    {
        var read = DocumentReader.Brief(
            """
            { "format": "plucky-rally/brief", "version": 1, "title": 7, "season": "monsoon", "goal": null,
              "measures": [{ "id": "h", "kind": "length", "step": "fine" }, { "kind": "mass" }],
              "method": { "parts": [{ "id": "p", "kind": "guessed" }] } }
            """
        );
        read.IsOk.ShouldBeFalse();
        read.Problems.Select(p => p.At)
            .ShouldBe(["/title", "/season", "/goal", "/measures/h/step", "/measures/1/id", "/method/parts/p/kind"]);
        read.Problems[1].Remedy.ShouldContain("autumn");
    }

    [Theory]
    [InlineData("", "not JSON")]
    [InlineData("{", "line 1")]
    [InlineData("[]", "object")]
    [InlineData("{}", "does not say what it is")]
    [InlineData("""{ "format": "something/else", "version": 1 }""", "something/else")]
    [InlineData("""{ "format": "plucky-rally/brief" }""", "version")]
    [InlineData("""{ "format": "plucky-rally/brief", "version": 0 }""", "version")]
    [InlineData("""{ "format": "plucky-rally/brief", "version": 4 }""", "newer version")]
    [InlineData("""{ "format": "plucky-rally/brief", "version": 1, "title": "a", "title": "b" }""", "twice")]
    public void What_is_no_brief_is_refused_with_a_reason(string text, string what) =>
        DocumentReader.Brief(text).Problems[0].What.ShouldContain(what);

    [Fact]
    public void Deep_nesting_is_refused() =>
        DocumentReader.Brief(new string('[', 100_000)).Problems[0].What.ShouldContain("nested too deep");

    [Fact]
    public void A_file_that_is_too_large_is_refused_unread() =>
        DocumentReader.Brief(new string(' ', Limits.BriefBytes + 1)).Problems[0].What.ShouldContain("larger than");

    [Fact]
    public void A_file_of_a_million_entries_is_refused_by_its_count_without_looking_at_each()
    {
        var entries = string.Join(",", Enumerable.Repeat("{}", 1_000_000));
        var problem = DocumentReader
            .Rally(
                $$"""
                { "format": "plucky-rally/rally", "version": 1, "name": "A", "edition": { "brief": {} },
                "entries": [{{entries}}] }
                """
            )
            .Problems.ShouldHaveSingleItem();
        problem.At.ShouldBe("/entries");
        problem.Remedy.ShouldBe($"Keep to {Limits.Entries}.");
    }

    [Fact]
    public void A_thousand_faults_are_not_all_listed()
    {
        var faults = string.Join(",", Enumerable.Repeat("7", 5000));
        DocumentReader
            .Brief($$"""{ "format": "plucky-rally/brief", "version": 1, "measures": [{{faults}}] }""")
            .Problems.Count.ShouldBeInRange(1, Limits.Problems);
    }

    [Fact]
    public void Half_a_character_names_no_format() =>
        DocumentReader.FormatOf("""{ "format": "plucky-rally/\ud83c" }""").ShouldBeNull();

    [Fact]
    public void No_text_makes_it_throw() =>
        Gen.String.Sample(text =>
        {
            DocumentReader.Brief(text).IsOk.ShouldBeFalse();
            DocumentReader.Entry(text).IsOk.ShouldBeFalse();
            DocumentReader.FormatOf(text);
        });

    [Fact]
    public void A_field_of_any_wrong_sort_is_refused_and_not_thrown_at()
    {
        var texts = new[] { "null", "7", "\"x\"", "true", "[]", "{}", "[null]", "-1e999" };
        var fields = JsonElement
            .Parse(Json.Write(Sample.Simple()))
            .EnumerateObject()
            .Select(f => f.Name)
            .Where(n => n is not "format" and not "version")
            .ToArray();
        Gen.Select(Gen.OneOfConst(fields), Gen.OneOfConst(texts))
            .Sample(
                (field, value) =>
                    DocumentReader
                        .Brief($$"""{ "format": "plucky-rally/brief", "version": 1, "{{field}}": {{value}} }""")
                        .ShouldNotBeNull()
            );
    }
}
