using System.Text.RegularExpressions;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

/// <summary>
/// What else a sheet has: the goal, the question, the grades, what is the same for everyone, cautions.
/// </summary>
internal static class SheetPhrases
{
    /// <summary>The grades, where a segment says nothing else.</summary>
    public static IEnumerable<Piece> Grades(PlainText plain)
    {
        if (GradeWords.Match(plain.Text) is { Success: true } found && BandOf(found) is { } band)
            yield return new Piece.Grades(plain.Range(found), band);
    }

    /// <summary>Whether a line is a sentence, and so names no material.</summary>
    public static bool IsSentence(string text) => Verb.IsMatch(text);

    private static readonly Regex Verb = new(
        @"^(?:it|you|they|we|nobody|everything|everybody|only|no|nothing|a team|all) \D*\b"
            + @"(?:is|are|was|were|must|may|can|cannot|pulls?|starts?|goes|go"
            + @"|touch(?:es)?|lies?|uses?|stays?|has|have)\b"
    );

    /// <summary>
    /// The grades that a sentence is for, and what it says for them: "For grades 6–8 it must be 18 inches tall"; null
    /// where it names none or several, or says nothing else.
    /// </summary>
    public static (GradeBand Band, Segment Said)? ForGrades(Segment segment, PlainText plain)
    {
        if (GradeWords.Matches(plain.Text) is not [var found] || BandOf(found) is not { } band)
            return null;
        var grades = plain.Range(found);
        var (from, to) = (grades.From - segment.From, grades.To - segment.From);
        var (before, after) = (segment.Text[..from], segment.Text[to..]);
        var lead = After.Match(after).Length;
        return Before.Match(before) is { Success: true } && after.Length - lead > 3
                ? (band, segment with { Text = after[lead..], From = segment.From + to + lead })
            : Behind.Match(after) is { Success: true } ? (band, segment with { Text = In.Replace(before, "") })
            : null;
    }

    /// <summary>Whether it says something else for some grades than for others.</summary>
    public static bool NamesSeveralGrades(string text) => GradeWords.Count(text) > 1;

    /// <summary>Whether it holds for some grades or for a later round only.</summary>
    public static bool HoldsElsewhere(string text) =>
        (GradeWords.IsMatch(text) || Later.IsMatch(text)) && (Modal.IsMatch(text) || Later.IsMatch(text));

    /// <summary>What a segment says as a whole; null where it says nothing of these.</summary>
    public static Piece? Whole(Segment segment, string text)
    {
        Piece.Sheet Put(string place, string name) => new(segment.Range, place, name, segment.Text.Trim());
        if (text.EndsWith('?'))
            return Put("/question", "Opening question");
        if (IfItFalls.IsMatch(text))
            return Put("/trials/ifItFalls", "If it falls");
        if (IsOver.IsMatch(text))
            return Put("/trials/overWhen", "An attempt is over");
        if (IsSame.IsMatch(text) && !Must.IsMatch(text))
            return SameOf(segment);
        return
            (segment.Under == Heading.Safety || Careful.IsMatch(text))
            && Cautions.In(text).FirstOrDefault() is { Word: not null } caution
            ? new Piece.Caution(segment.Range, caution.Kind)
            : null;
    }

    /// <summary>A rule that is checked by looking, by the words that make it one; null where it has none.</summary>
    public static Piece.Look? Look(Segment segment, string text) =>
        segment.Under == Heading.Safety ? null
        : segment.Under == Heading.Criteria && !IsPlainNo.IsMatch(text)
            ? new(segment.Range, segment.AsLine, RuleSort.Criterion)
        : segment.Under is Heading.Criteria or Heading.Constraints
        || segment.Under == Heading.Materials && IsSentence(text)
        || Forbids.IsMatch(text)
            ? new(segment.Range, segment.AsLine, RuleSort.Constraint)
        : Modal.IsMatch(text) || Orders.IsMatch(text) ? new(segment.Range, segment.AsLine, RuleSort.Criterion)
        : null;

    /// <summary>
    /// Whether a sentence leaves no choice: "The boats need a pier" tells a story, "it must float" does not.
    /// </summary>
    public static bool MustBe(string text) => Forbids.IsMatch(text) || Must.IsMatch(text);

    /// <summary>Whether a sentence sets the task.</summary>
    public static bool SetsTask(string text) => Task.IsMatch(text) || AsMuch.IsMatch(text);

    /// <summary>"As many pebbles as possible" is what all try for, and no rule.</summary>
    public static bool IsNoRule(string text) => AsMuch.IsMatch(text);

    private static readonly Regex AsMuch = new(
        @"\bas (?:many|much|tall|high|far|long|heavy|fast|slowly?|strong)\b.*\bas (?:possible|(?:you|it|they) can)\b"
    );

    /// <summary>"As few straws as you can": the number matters, and how it counts is asked.</summary>
    public static Piece.Asked? AsFewAsYouCan(Segment segment, string text, UnitSystem units)
    {
        if (AsFew.Match(text) is not { Success: true } found)
            return null;
        var measure = found.Groups["t"].Success
            ? SaidMeasures.Count(found.Groups["t"].Value, carried: false)
            : SaidMeasures.ByAdjective(found.Groups["adj"].Value, units);
        return measure is null || (found.Groups["adj"].Success && measure.Better == Better.More)
            ? null
            : new(
                segment.Range,
                "Does it decide ties, or does it score points?",
                [new Piece.Tie(segment.Range, measure, measure.Better), new Piece.Points(segment.Range, measure, -1)]
            );
    }

    public static Piece.Same SameOf(Segment segment)
    {
        var line = segment.AsLine;
        var colon = line.IndexOf(':', StringComparison.Ordinal);
        return colon > 0
            ? new(segment.Range, FixedForAll.Replace(line[..colon], ""), line[(colon + 1)..].Trim())
            : new(segment.Range, line, "");
    }

    private static GradeBand? BandOf(Match found)
    {
        if (found.Groups["school"].Success)
            return found.Groups["school"].Value switch
            {
                "middle school" => GradeBand.From6To8,
                "high school" => GradeBand.From9To12,
                _ => GradeBand.KTo2,
            };
        var (low, high) = (GradeOf(found.Groups["a"].Value), GradeOf(found.Groups["b"].Value));
        var (first, last) = (BandOf(low ?? 0), BandOf(high ?? low ?? 0));
        return first == last ? first : null;
    }

    private static int? GradeOf(string said) =>
        said.Length == 0 ? null
        : said == "k" ? 0
        : int.Parse(said, System.Globalization.CultureInfo.InvariantCulture);

    private static GradeBand? BandOf(int grade) =>
        grade switch
        {
            <= 2 => GradeBand.KTo2,
            <= 5 => GradeBand.From3To5,
            <= 8 => GradeBand.From6To8,
            <= 12 => GradeBand.From9To12,
            _ => null,
        };

    private static readonly Regex GradeWords = new(
        @"\bgrades? (?<a>k|\d{1,2})\b(?:th|rd|nd|st)?(?: ?(?:-|to|and) ?(?<b>\d{1,2}))?"
            + @"|\b(?<a>\d{1,2})(?:st|nd|rd|th)[ -]grade(?:rs?)?\b"
            + @"|\b(?<school>middle school|high school|kindergarten)\b"
    );

    /// <summary>What may stand before the grades where what holds for them follows.</summary>
    private static readonly Regex Before = new(@"^\s*(?:(?:in|for)\s+)?(?:the\s+)?$", RegexOptions.IgnoreCase);

    private static readonly Regex After = new(@"^\s*(?:[:,–—-]\s*|(?:students|teams|classes)\s+)?");

    /// <summary>What may stand behind the grades where they come last: "(grades 6-8)".</summary>
    private static readonly Regex Behind = new(@"^\s*\)?[.;]?\s*$");

    private static readonly Regex In = new(@"[\s,(]*(?:\b(?:in|for)\s+)?(?:the\s+)?$", RegexOptions.IgnoreCase);

    private static readonly Regex Later = new(
        @"\b(?:in|for) (?:the )?(?:round \d|second round|next round|later rounds?)\b|\b(?:older|younger) "
            + @"(?:students|grades|teams)\b"
    );

    private static readonly Regex IfItFalls = new(
        @"^if (?:it|your \w+|the \w+|something) (?:falls?|breaks?|collapses?|tips?|fails?|sinks?)\b"
    );

    private static readonly Regex IsOver = new(@"\b(?:test|attempt|try|turn|run) (?:is over|ends)\b|\bis over when\b");

    private static readonly Regex IsSame = new(
        @"\bthe same\b(?! time)|\bsame \w+ for\b|\bfor (?:everyone|everybody|all teams|every team)\b"
    );

    private static readonly Regex FixedForAll = new(
        @"\s*\b(?:is|are) the same for (?:everyone|everybody|all teams|every team)\b",
        RegexOptions.IgnoreCase
    );

    private static readonly Regex Careful = new(
        @"\b(?:careful|caution|goggles|safety|adult|grown-up|wash your hands)\b"
    );

    private static readonly Regex Forbids = new(
        @"^(?:do not|don't|no|never|not|nothing|only|nobody)\b|\b\w+ (?:may not|cannot"
            + @"|can not|can't|mustn't)\b"
            + @"|\byou must not\b|\bnot allowed\b|\bmay only\b|\bonly\b[^.]*\b(?:may|can) be\b|\bmay be no\b"
            + @"|\bmust fit in"
    );

    private static readonly Regex Orders = new("^(?:use|make sure|keep|put|leave) ");

    private static readonly Regex IsPlainNo = new("^(?:no|do not|don't|never|nothing|you may not) ");

    private static readonly Regex Must = new(@"\b(?:must|has to|have to|needs to|should)\b");

    private static readonly Regex Modal = new(@"\b(?:must|has to|have to|needs?|should)\b");

    private static readonly Regex Task = new(
        @"^(?:your (?:task|challenge|job|mission) is to|(?:design|plan) and (?:build|make)|build|make|create"
            + @"|construct|design|invent|pack)\b"
            + @"|\byou(?:'re| are) going to (?:build|make|design|create)\b|\bwe(?:'re| are) (?:building|making"
            + @"|designing)\b"
    );

    private static readonly Regex AsFew = new(
        @"\bas (?:few|little) (?<t>[a-z]+(?: [a-z]+)?) as (?:you can|possible|they can)|\bas (?<adj>light|short"
            + @"|cheap) as (?:you can|possible)"
    );
}
