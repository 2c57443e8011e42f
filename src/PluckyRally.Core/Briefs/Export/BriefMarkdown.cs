using System.Text;
using System.Text.RegularExpressions;

namespace PluckyRally.Core.Briefs;

/// <summary>Writes the student sheet as CommonMark, with the teacher's part behind it where it is wanted.</summary>
public static class BriefMarkdown
{
    private static string SayIn(Season season) =>
        season switch
        {
            Season.Any => "",
            Season.Autumn => "Fall",
            Season.Winter => "Winter",
            Season.Spring => "Spring",
            Season.Summer => "Summer",
        };

    /// <summary>The sheet of an edition.</summary>
    /// <param name="edition">The brief as a tier runs it.</param>
    /// <param name="withTeacherPart">Whether what only the teacher reads follows.</param>
    public static string Write(Edition edition, bool withTeacherPart)
    {
        var brief = edition.Brief;
        var sheet = StudentSheet.Of(brief);
        var text = new StringBuilder();
        Heading(1, brief.Title.Length > 0 ? brief.Title : "Untitled brief");
        Paragraph(
            string.Join(" · ", new[] { edition.Tier, SayIn(brief.Season), brief.Theme }.Where(t => t.Length > 0))
        );
        Paragraph(brief.Story);
        Paragraph(brief.Question);
        Section("Your goal", [brief.Goal], list: false);
        Section("Your design must", sheet.Criteria);
        Section("Bonus points", sheet.Bonuses);
        Section("You may use, and how", [.. sheet.Materials, .. sheet.Constraints]);
        Section("What things cost", sheet.Prices);
        Section("How it is tested", sheet.Test);
        Section("The same for everyone", sheet.Conditions);
        Section("How it is scored", sheet.Scoring);
        Section("Targets", sheet.Targets);
        Section("Awards", sheet.Awards);
        Section("At home", sheet.AtHome);
        Section("Time", sheet.Time);
        Section("Words", sheet.Words);
        Section("Safety", sheet.Safety);
        if (withTeacherPart)
        {
            Heading(1, "For the teacher");
            Paragraph(brief.Teacher.Notes);
            Section("Hints", brief.Teacher.Hints);
            Section("Questions for the talk", brief.Teacher.Questions);
            Section(
                "Standards",
                [
                    .. brief.Teacher.Standards.Select(code =>
                        Standards.All.FirstOrDefault(s => s.Code == code) is { } s ? $"{s.Code}: {s.Says}" : code
                    ),
                    .. StudentSheet.Lines(brief.Teacher.LocalStandards),
                ]
            );
            Section("For those who are finished", [brief.Teacher.Extensions], list: false);
        }

        return text.ToString().TrimEnd() + "\n";

        void Heading(int level, string words) =>
            text.Append('#', level).Append(' ').Append(Plain(words)).Append("\n\n");

        void Paragraph(string words)
        {
            foreach (var line in StudentSheet.Lines(words))
                text.Append(Plain(line)).Append("\n\n");
        }

        void Section(string title, IReadOnlyList<string> lines, bool list = true)
        {
            if (lines.All(string.IsNullOrWhiteSpace))
                return;
            Heading(2, title);
            foreach (var line in lines.SelectMany(StudentSheet.Lines))
                text.Append(list ? "- " : "").Append(Plain(line)).Append(list ? "\n" : "\n\n");
            if (list)
                text.Append('\n');
        }
    }

    /// <summary>The text with every sign escaped that CommonMark would read as more than itself.</summary>
    private static string Plain(string text) => AtStart.Replace(Signs.Replace(text, @"\$0"), @"$1\$2");

    private static readonly Regex Signs = new(@"[\\`*_\[\]<>#|~&]");

    private static readonly Regex AtStart = new(@"^(\s*\d*)([-+.)=])(?=\s|$|[-=])");
}
