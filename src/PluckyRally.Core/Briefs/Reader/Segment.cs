using System.Text.RegularExpressions;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>What a heading says that the lines below it are.</summary>
internal enum Heading
{
    /// <summary>There is none.</summary>
    None,

    /// <summary>The story that gives the reason.</summary>
    Story,

    /// <summary>The goal.</summary>
    Goal,

    /// <summary>What the design must do.</summary>
    Criteria,

    /// <summary>What may be used, and how.</summary>
    Constraints,

    /// <summary>Rules of either sort.</summary>
    Rules,

    /// <summary>Materials.</summary>
    Materials,

    /// <summary>How it is tested.</summary>
    Test,

    /// <summary>How it is scored.</summary>
    Scoring,

    /// <summary>How long it takes.</summary>
    Time,

    /// <summary>Cautions.</summary>
    Safety,

    /// <summary>What is the same for everyone.</summary>
    Same,

    /// <summary>Words of science, with what they mean.</summary>
    Words,

    /// <summary>A heading that is none of these.</summary>
    Other,
}

/// <summary>A sentence or a line of what was said.</summary>
/// <param name="Text">The text, without its bullet.</param>
/// <param name="From">Where it begins in the whole.</param>
/// <param name="Under">The heading that it stands under.</param>
/// <param name="IsItem">Whether it is an item of a list.</param>
/// <param name="IsFirst">Whether nothing stands before it.</param>
/// <param name="IsTitle">Whether it is marked as the title.</param>
internal sealed record Segment(
    string Text,
    int From,
    Heading Under,
    bool IsItem = false,
    bool IsFirst = false,
    bool IsTitle = false
)
{
    /// <summary>Its place in the whole.</summary>
    public TextRange Range => new(From, From + Text.Length);

    /// <summary>Its text as a line of a sheet: a capital first, no period behind.</summary>
    public string AsLine => SentenceCase.Beginning(Text.Trim().TrimEnd('.', ';', ','));
}

/// <summary>Cuts a text into what is looked at by itself: headings, items of lists, sentences.</summary>
internal static class Segments
{
    private static readonly (string[] Words, Heading Heading)[] Known =
    [
        (["story", "background", "the story", "the problem", "problem", "scenario"], Heading.Story),
        (
            [
                "goal",
                "challenge",
                "task",
                "the challenge",
                "your task",
                "your challenge",
                "mission",
                "objective",
                "your goal",
                "the goal",
                "your mission",
            ],
            Heading.Goal
        ),
        (
            [
                "criteria",
                "requirements",
                "you must",
                "your design must",
                "your build must",
                "success criteria",
                "it must",
                "must haves",
                "must-haves",
                "what it must do",
                "design requirements",
            ],
            Heading.Criteria
        ),
        (["constraints", "limits", "limitations", "you may not"], Heading.Constraints),
        (["rules", "the rules"], Heading.Rules),
        (
            [
                "materials",
                "supplies",
                "you have",
                "you may use",
                "you may use, and how",
                "you get",
                "what you need",
                "you need",
                "kit",
                "materials per team",
                "materials for each team",
                "each team gets",
                "you will need",
                "you'll need",
                "what you have",
                "on the tray",
                "equipment",
                "materials list",
                "you will get",
                "what you get",
            ],
            Heading.Materials
        ),
        (
            ["test", "testing", "how it is tested", "the test", "how we test", "procedure", "test procedure", "tests"],
            Heading.Test
        ),
        (
            [
                "scoring",
                "points",
                "judging",
                "score",
                "how it is scored",
                "how to win",
                "winning",
                "scores",
                "how you score",
            ],
            Heading.Scoring
        ),
        (["time", "timing", "times", "schedule", "timeline", "lesson plan", "agenda", "phases"], Heading.Time),
        (["the same for everyone", "same for everyone", "what is the same", "what stays the same"], Heading.Same),
        (["words", "vocabulary", "key words", "science words", "new words"], Heading.Words),
        (["safety", "caution", "cautions", "be safe", "stay safe"], Heading.Safety),
    ];

    /// <summary>The segments of a text, in order.</summary>
    public static IReadOnlyList<Segment> Of(string text)
    {
        var found = new List<Segment>();
        var under = Heading.None;
        var hadItems = false;
        var from = 0;
        foreach (var line in text.Split('\n'))
        {
            var start = from;
            from += line.Length + 1;
            var mark = Bullet.Match(line);
            var said = line[mark.Length..].TrimEnd();
            if (said.Trim(' ', '-', '*', '_', '=', '#').Length == 0)
                continue;
            var isItem = mark.Groups["item"].Success;
            var plain = said.Trim('*', '_', ' ');
            // A list is over with the first line that is no item of it.
            if (hadItems && !isItem)
                under = Heading.None;
            hadItems = isItem;
            start += mark.Length + said.IndexOf(plain, StringComparison.Ordinal);
            var marked = mark.Groups["head"].Success;
            if (HeadingOf(plain.TrimEnd(':', ' ')) is { } heading && (marked || plain.EndsWith(':') || !isItem))
            {
                under = heading;
                continue;
            }

            if (
                Head.Match(plain) is { Success: true } head
                && !OnlyMinutes.IsMatch(plain[head.Length..])
                && HeadingOf(head.Groups["head"].Value) is { } inline
            )
            {
                Sentences(
                    found,
                    plain[head.Length..],
                    start + head.Length,
                    inline,
                    isItem: inline == Heading.Materials
                );
                // "Goal: …" is one line; "On the tray: …" is too, and what follows stands where it stood.
                continue;
            }

            if ((marked && found.Count > 0) || (plain.EndsWith(':') && plain.Length < 60 && !isItem))
            {
                under =
                    YourThing.IsMatch(plain) || plain.Contains(" must", StringComparison.OrdinalIgnoreCase)
                        ? Heading.Criteria
                        : Heading.Other;
                continue;
            }

            if (!isItem && YourThing.IsMatch(plain) && found.Count > 0)
            {
                under = Heading.Criteria;
                continue;
            }

            if (marked)
                found.Add(new(plain, start, under, IsFirst: true, IsTitle: true));
            else
                Sentences(found, plain, start, isItem || under != Heading.Other ? under : Heading.None, isItem);
        }

        return found;
    }

    /// <summary>What a line says as a heading; null where it is none that is known.</summary>
    public static Heading? HeadingOf(string line)
    {
        var plain = InBrackets.Replace(line, "").Trim(' ', ':').ToLowerInvariant();
        foreach (var (words, heading) in Known)
            if (words.Contains(plain))
                return heading;
        return plain.StartsWith("your ", StringComparison.Ordinal) && plain.EndsWith(" must", StringComparison.Ordinal)
            ? Heading.Criteria
            : null;
    }

    private static void Sentences(List<Segment> found, string text, int from, Heading under, bool isItem)
    {
        foreach (var sentence in Sentence.Matches(text).Cast<Match>())
        {
            var said = sentence.Value.Trim();
            if (said.Length == 0)
                continue;
            var start = from + sentence.Index + sentence.Value.IndexOf(said, StringComparison.Ordinal);
            found.Add(new(said, start, under, isItem, found.Count == 0));
        }
    }

    private static readonly Regex Bullet = new(
        @"^\s*(?:(?<head>#{1,6})\s+|(?<item>(?:[-*•·▪–✓✔☐□●○◦►→]|\d{1,2}[.)]|\[[ x]?\])\s+))?\s*"
    );

    private static readonly Regex Head = new(@"^(?<head>[A-Za-z' -]{3,30}):\s+(?=\S)");

    /// <summary>"Test: 10 minutes" is a phase and no heading.</summary>
    private static readonly Regex OnlyMinutes = new(@"^(?:about )?[\d.]+ min(?:ute)?s?\.?$");

    /// <summary>"Your raft" alone on a line heads what the raft must do.</summary>
    private static readonly Regex YourThing = new(@"^your \w+:?$", RegexOptions.IgnoreCase);

    /// <summary>"Materials (per team)" heads materials.</summary>
    private static readonly Regex InBrackets = new(@"\s*\([^)]*\)");

    private const string Abbreviated = @"\b(?:max|min|approx|e\.g|i\.e)";

    /// <summary>The end of a sentence; "Max. 15 cm" and "5 in. wide" have none within.</summary>
    private const string End =
        $@"(?<!{Abbreviated})(?<!\.\.)(?:(?<!\b(?:in|ft|oz|lb|cm|sec))\.|\.(?!\s+(?-i:[a-z\d]))|[!?;])(?=\s|$)"
        + $@"(?!\s*\()";

    private static readonly Regex Sentence = new($@"(?:(?!{End}).)+(?:{End}|$)", RegexOptions.IgnoreCase);
}
