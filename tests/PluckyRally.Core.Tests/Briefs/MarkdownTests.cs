using Markdig;
using Markdig.Syntax;
using Markdig.Syntax.Inlines;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>What is written as Markdown is read back with another library (Markdig, CommonMark 0.31).</summary>
public sealed class MarkdownTests
{
    [Fact]
    public void The_sheet_comes_out_under_its_headings()
    {
        var document = Read(Patterns.Begin(Pattern.Strongest, GradeBand.From3To5, UnitSystem.Metric));
        Headings(document)
            .ShouldBe([
                "It holds",
                "Your goal",
                "Your design must",
                "You may use, and how",
                "How it is tested",
                "The same for everyone",
                "How it is scored",
                "Time",
                "Words",
                "Safety",
                "For the teacher",
                "Questions for the talk",
                "Standards",
            ]);
        document.Descendants<ListItemBlock>().Count().ShouldBeGreaterThan(20);
    }

    [Fact]
    public void What_only_the_teacher_reads_can_be_left_out() =>
        BriefMarkdown
            .Write(
                new Edition { Brief = Patterns.Begin(Pattern.Tallest, GradeBand.KTo2, UnitSystem.Metric) },
                withTeacherPart: false
            )
            .ShouldNotContain("For the teacher");

    [Theory]
    [InlineData("<script>alert(1)</script>")]
    [InlineData("# not a heading")]
    [InlineData("- not a list")]
    [InlineData("12. not a list")]
    [InlineData("*not* _emphasis_ `code` [link](https://example.com) ![image](x)")]
    [InlineData("&copy; a & b")]
    [InlineData("--- | ~~~ \\ >")]
    public void Any_text_is_only_text(string text)
    {
        var document = Read(
            new Brief
            {
                Title = text,
                Story = text,
                Goal = text,
            }
        );
        document.Descendants<HtmlBlock>().ShouldBeEmpty();
        document
            .Descendants()
            .Where(d =>
                d
                    is HtmlInline
                        or LinkInline
                        or EmphasisInline
                        or CodeInline
                        or HtmlEntityInline
                        or ListBlock
                        or CodeBlock
                        or ThematicBreakBlock
            )
            .ShouldBeEmpty();
        Headings(document).ShouldBe([text, "Your goal", "For the teacher"]);
        document.Descendants<ParagraphBlock>().Select(Text).ShouldBe([text, text]);
    }

    private static MarkdownDocument Read(Brief brief) =>
        Markdown.Parse(
            BriefMarkdown.Write(new Edition { Brief = brief }, withTeacherPart: true),
            new MarkdownPipelineBuilder().Build()
        );

    private static IEnumerable<string> Headings(MarkdownDocument document) =>
        document.Descendants<HeadingBlock>().Select(Text);

    private static string Text(LeafBlock block) =>
        string.Concat(block.Inline!.Descendants<LiteralInline>().Select(l => l.Content.ToString()));
}
