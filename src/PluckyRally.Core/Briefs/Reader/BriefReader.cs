using System.Text.RegularExpressions;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

/// <summary>
/// Reads a challenge as a teacher says it, a line or a page, into proposals in the brief's own terms. It knows no
/// grammar: it looks for small phrases in each line or sentence. What it does not find stays as text; what could be two
/// things is asked.
/// </summary>
public static class BriefReader
{
    /// <summary>Characters of a text that is read at once.</summary>
    public const int Longest = 20_000;

    /// <summary>Reads a text.</summary>
    /// <param name="text">What was said, at most <see cref="Longest"/> characters.</param>
    /// <param name="brief">The brief that it is said for; an empty one for a new challenge.</param>
    /// <param name="units">In which units lengths and masses are measured where the text names none.</param>
    public static PlainRead Read(string text, Brief brief, UnitSystem units)
    {
        var pieces = Pieces(text, UnitsOf(text, units));
        var draft = new PieceDraft(brief, pieces);
        // An answer may bring what another piece applies to.
        var any = draft with { All = [.. pieces, .. pieces.OfType<Piece.Asked>().SelectMany(a => a.Readings)] };
        Proposal Propose(Piece piece) => new(piece, draft);
        var proposals = new List<Proposal>();
        var questions = new List<PlainQuestion>();
        var unread = new List<TextRange>();
        foreach (var piece in pieces)
        {
            if (piece is Piece.Asked asked)
                questions.Add(new(asked.From, asked.Asks, [.. asked.Readings.Select(Propose)]));
            else if (piece is Piece.Unread || !piece.HasPlace(any))
                unread.Add(piece.From);
            else
                proposals.Add(Propose(piece));
        }

        return new(proposals, questions, unread);
    }

    /// <summary>
    /// The one limit that a rule's text names; null where it names none, several, or what could be two.
    /// </summary>
    internal static Piece.Limit? LimitIn(string text)
    {
        var segment = new Segment(text, 0, Heading.Criteria);
        return LimitPhrases.In(segment, PlainText.Of(text)).ToList() is [Piece.Limit limit] ? limit : null;
    }

    /// <summary>The points that a text about scoring gives for what is measured.</summary>
    internal static IReadOnlyList<Piece.Points> PointsIn(string text, UnitSystem units) =>
        [
            .. text.Split('\n')
                .SelectMany(line => ScoringPhrases.In(new(line, 0, Heading.Scoring), PlainText.Of(line), units))
                .OfType<Piece.Points>(),
        ];

    /// <summary>
    /// The minutes that a note on a phase gives it; null where it names none or several, or some that are not all of
    /// it.
    /// </summary>
    internal static decimal? MinutesIn(string note) => TimePhrases.Lasting(PlainText.Of(note));

    /// <summary>The material that a name holds with its amount; null where it holds none.</summary>
    internal static Piece.Stuff? MaterialIn(string name) => MaterialsIn(name) is [var only] ? only : null;

    /// <summary>What a name can be read as: several where it could be more or fewer, as in "4–5 fasteners".</summary>
    internal static IReadOnlyList<Piece.Stuff> MaterialsIn(string name) =>
        KitPhrases.In(new Segment(name, 0, Heading.Materials), PlainText.Of(name)) switch
        {
            [Piece.Stuff stuff] => [stuff],
            [Piece.Asked asked] => [.. asked.Readings.OfType<Piece.Stuff>()],
            _ => [],
        };

    /// <summary>What is wrong with a text that is too long to be read; null where nothing is.</summary>
    public static Problem? TooLong(string text) =>
        text.Length > Longest ? new("/text", "This is too long.", $"Write at most {Longest} characters.") : null;

    /// <summary>What a text says, in order.</summary>
    internal static IReadOnlyList<Piece> Pieces(string text, UnitSystem units)
    {
        var segments = Segments.Of(text);
        var found = new List<Piece>();
        foreach (var segment in segments)
            found.AddRange(OfSegment(segment, found, units, alone: segments.Count == 1));
        return Agreed(SaidForGrades.Settle(text, SaidOfTheOneBefore.Settle(text, InOneText(text, found))));
    }

    private static IEnumerable<Piece> OfSegment(Segment segment, List<Piece> before, UnitSystem units, bool alone)
    {
        var plain = PlainText.Of(segment.Text, segment.From);
        var text = LeadIn.Replace(plain.Text.Trim(), "");
        if (segment.IsTitle || Labeled.IsMatch(segment.Text))
            return [Title(segment, Labeled.Replace(segment.Text, "")), .. SheetPhrases.Grades(plain)];
        if (segment.Under == Heading.Same)
            return [SheetPhrases.SameOf(segment)];
        if (segment.Under == Heading.Words && Meaning.Match(segment.Text) is { Success: true } word)
            return [new Piece.Word(segment.Range, word.Groups["word"].Value, word.Groups["says"].Value)];
        if (SaidOfTheOneBefore.Is(text))
            return [new Piece.Unread(segment.Range, segment.Text)];
        if (segment.Under is Heading.Goal or Heading.Story && !segment.IsItem)
            return [segment.Under == Heading.Goal ? Put(segment, "/goal", "Goal") : Put(segment, "/story", "Story")];
        if (ForGrades(segment, plain, units) is { Count: > 0 } differing)
            return differing;
        if (SheetPhrases.HoldsElsewhere(text) || SheetPhrases.NamesSeveralGrades(text))
            return [new Piece.Unread(segment.Range, segment.Text)];
        var pieces = Phrases(segment, plain, text, units);
        if (pieces.Count > 0)
            return Uncovered(plain, pieces) ? [.. pieces, new Piece.Unread(segment.Range, segment.Text)] : pieces;
        if (
            SheetPhrases.SetsTask(text)
            && segment.Under is Heading.None
            && !before.Any(p => p is Piece.Sheet { Place: "/goal" })
        )
            return [Put(segment, "/goal", "Goal")];
        if (SheetPhrases.Whole(segment, text) is { } whole)
            return [whole];
        if (segment.IsFirst && !alone && IsShort(segment.Text))
            return [Title(segment, segment.Text), .. SheetPhrases.Grades(plain)];
        if (SheetPhrases.Grades(plain).ToList() is [var grades])
            return Uncovered(plain, [grades]) || KitPhrases.HandsSomethingOut(plain)
                ? [new Piece.Unread(segment.Range, segment.Text)]
                : [grades];
        var story = !alone && IsStory(segment, text, before);
        return
        [
            story && !SheetPhrases.MustBe(text) ? Put(segment, "/story", "Story")
            : !SheetPhrases.IsNoRule(text) && SheetPhrases.Look(segment, text) is { } look ? look
            : segment.Under == Heading.Test ? Put(segment, "/trials/how", "How it is tested")
            : (!alone || Past.IsMatch(text)) && IsStory(segment, text, before) ? Put(segment, "/story", "Story")
            : new Piece.Unread(segment.Range, segment.Text),
        ];
    }

    /// <summary>
    /// What a segment says for some grades alone; empty where it says nothing that has a number for each, or more.
    /// </summary>
    private static IReadOnlyList<Piece> ForGrades(Segment segment, PlainText plain, UnitSystem units)
    {
        if (SheetPhrases.ForGrades(segment, plain) is not var (band, rest))
            return [];
        var inner = PlainText.Of(rest.Text, rest.From);
        var pieces = Phrases(rest, inner, inner.Text.Trim(), units);
        // "Grades 3 to 5: 30 straws" gives out what the list of materials has for all.
        if (pieces.Count == 0)
            pieces =
            [
                .. KitPhrases
                    .In(rest with { Under = Heading.Materials }, inner)
                    .Where(p => p is Piece.Stuff { Amount: not null }),
            ];
        return
            pieces.All(p =>
                p is Piece.Limit or Piece.Stuff or Piece.Attempts or Piece.Hold or Piece.OfPhase or Piece.TeamSize
                || p is Piece.Asked asked && asked.Readings.All(r => r is Piece.Limit)
            ) && !Uncovered(inner, pieces)
            ? [.. pieces.Select(p => new Piece.ForGrades(segment.Range, band, p))]
            : [];
    }

    /// <summary>
    /// Whether a number of a segment is in none of its pieces: what it says is then kept as text too, so that nothing
    /// is lost in silence.
    /// </summary>
    private static bool Uncovered(PlainText plain, IReadOnlyList<Piece> pieces) =>
        Digits
            .Matches(plain.Text)
            .Select(number => plain.Range(number))
            .Any(number => !pieces.Any(p => p.From.Meets(number)));

    /// <summary>The phrases of a segment. Where two lie over the same words, the earlier kind is right.</summary>
    private static IReadOnlyList<Piece> Phrases(Segment segment, PlainText plain, string text, UnitSystem units)
    {
        var accepted = new List<Piece>();
        void Take(IEnumerable<Piece> found)
        {
            var fits = found.Where(p => !accepted.Any(a => a.From.Meets(p.From))).ToList();
            accepted.AddRange(fits);
        }

        Take(ScoringPhrases.In(segment, plain, units));
        if (SheetPhrases.AsFewAsYouCan(segment, text, units) is { } asked)
            Take([asked]);
        Take(KitPhrases.Money(plain));
        if (accepted.Count == 0 && SheetPhrases.Whole(segment, text) is Piece.Same same)
            Take([same]);
        if (segment.Under == Heading.Materials)
            Take(KitPhrases.In(segment, plain));
        else
        {
            Take(TestPhrases.Attempts(plain));
            Take(TimePhrases.Teams(plain));
            Take(TestPhrases.Hold(segment, plain));
            Take(TimePhrases.In(plain));
            // "4 straws and some tape, max 30 cm" hands out; "you may use at most 12 straws" limits.
            var (limits, kit) = (LimitPhrases.In(segment, plain).ToList(), KitPhrases.In(segment, plain));
            Take(kit.Count > 1 ? kit.Concat(limits.OfType<Piece.Limit>()) : limits);
            Take(kit.Count > 1 ? [] : kit);
        }

        return [.. accepted.OrderBy(p => p.From.From)];
    }

    /// <summary>Sentences that follow each other and belong in one place are one text.</summary>
    private static IReadOnlyList<Piece> InOneText(string text, IReadOnlyList<Piece> pieces)
    {
        var joined = new List<Piece>();
        foreach (var piece in pieces)
            if (piece is Piece.Sheet next && joined.LastOrDefault() is Piece.Sheet last && last.Place == next.Place)
            {
                var range = new TextRange(last.From.From, next.From.To);
                var between = text[last.From.To..next.From.From].Contains('\n') ? "\n" : " ";
                joined[^1] = last with { From = range, Text = $"{last.Text}{between}{next.Text}" };
            }
            else
                joined.Add(piece);
        return joined;
    }

    /// <summary>
    /// One measure has one unit, whoever names it: that of the points, which are for each of it, else the first.
    /// </summary>
    private static IReadOnlyList<Piece> Agreed(IReadOnlyList<Piece> pieces)
    {
        var all = pieces
            .Concat(pieces.OfType<Piece.Asked>().SelectMany(a => a.Readings))
            .Concat(pieces.OfType<Piece.ForGrades>().Select(g => g.Inner))
            .ToList();
        var named = all.OfType<Piece.Points>()
            .Select(p => p.Measure)
            .Concat(all.OfType<Piece.Limit>().Select(l => l.Measure))
            .Concat(all.OfType<Piece.Curved>().Select(c => c.Measure))
            .Concat(all.OfType<Piece.Tie>().Select(t => t.Measure))
            .GroupBy(m => m.Id)
            .ToDictionary(g => g.Key, g => g.First());
        Piece Agree(Piece piece) =>
            piece switch
            {
                Piece.Limit limit => limit with { Measure = named[limit.Measure.Id] },
                Piece.Points points => points.In(named[points.Measure.Id]),
                Piece.Curved curved => curved.In(named[curved.Measure.Id]),
                Piece.Tie tie => tie with { Measure = named[tie.Measure.Id] },
                Piece.Asked asked => asked with { Readings = [.. asked.Readings.Select(Agree)] },
                Piece.ForGrades said => said with { Inner = Agree(said.Inner) },
                _ => piece,
            };
        return [.. pieces.Select(Agree)];
    }

    private static Piece.Sheet Put(Segment segment, string place, string name) =>
        new(segment.Range, place, name, segment.Text.Trim());

    private static Piece.Sheet Title(Segment segment, string text) =>
        new(segment.Range, "/title", "Title", InBrackets.Replace(text, "").Trim().TrimEnd('.'));

    private static bool IsShort(string text) => text.Length <= 60 && text[^1] is not ('.' or '!' or '?' or ';');

    private static bool IsStory(Segment segment, string text, List<Piece> before) =>
        segment.Under == Heading.None
        && text.Length > 20
        && !segment.IsItem
        && !text.Any(char.IsAsciiDigit)
        && before.All(p => p is Piece.Sheet or Piece.Grades)
        && !Cheer.IsMatch(text);

    private static UnitSystem UnitsOf(string text, UnitSystem otherwise)
    {
        var (customary, metric) = (CustomaryUnit.Count(text), MetricUnit.Count(text));
        return customary > metric ? UnitSystem.Customary
            : metric > customary ? UnitSystem.Metric
            : otherwise;
    }

    private static readonly Regex Digits = new(@"\d+(?:\.\d+)?");

    private static readonly Regex Meaning = new(@"^(?<word>[^:]{2,40}): (?<says>.+)$");

    private static readonly Regex Labeled = new(@"^(?:title|name):\s*", RegexOptions.IgnoreCase);

    private static readonly Regex LeadIn = new(@"^(?:(?:oh|and|also|ok|okay|so|please|then|but),? )+");

    private static readonly Regex InBrackets = new(@"\s*\([^)]*\)");

    /// <summary>A sentence by itself tells a story where it tells what was.</summary>
    private static readonly Regex Past = new(@"\b(?:was|were|had|took|came|went|once|\w{3,}ed)\b");

    private static readonly Regex Cheer = new(@"\b(?:have fun|good luck|be creative)\b");

    private static readonly Regex CustomaryUnit = new(
        @"\b(?:inch(?:es)?|feet|foot|ft|ounces?|oz|pounds?|lbs?)\b|\d in\b",
        RegexOptions.IgnoreCase
    );

    private static readonly Regex MetricUnit = new(
        @"\b(?:cm|mm|kg|grams?|centimet(?:er|re)s?|met(?:er|re)s?)\b|\d g\b|\d m\b",
        RegexOptions.IgnoreCase
    );
}
