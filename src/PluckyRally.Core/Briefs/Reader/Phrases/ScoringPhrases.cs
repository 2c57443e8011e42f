using System.Text.RegularExpressions;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>Points, what is taken off, what earns more, what wins, what decides a tie.</summary>
internal static class ScoringPhrases
{
    /// <summary>What points for a length can be for where nothing says which.</summary>
    private static readonly IReadOnlyList<string> Ways = ["tall", "long", "distance"];

    /// <summary>What a segment says of scoring.</summary>
    public static IReadOnlyList<Piece> In(Segment segment, PlainText plain, UnitSystem units)
    {
        var text = plain.Text;
        var scoring = segment.Under == Heading.Scoring;
        if (OfLevel.IsMatch(text) || (OfKnownParts.IsMatch(text) && !Proportion.IsMatch(text)))
            return [new Piece.Unread(segment.Range, segment.Text)];
        var clauses = PointClauses.Matches(segment.Text);
        // "1 point for each piece, 3 points for middle" is about sorts of pieces.
        if (clauses.Skip(1).Any(c => OneMoreSort.IsMatch(c.Value)))
            return [new Piece.Unread(segment.Range, segment.Text)];
        if (clauses.Count > 1 && clauses.All(c => PointsWord.IsMatch(c.Value)))
            return
            [
                .. clauses.SelectMany(c =>
                {
                    var clause = segment with { Text = c.Value, From = segment.From + c.Index };
                    return In(clause, PlainText.Of(clause.Text, clause.From), units);
                }),
            ];
        if (Proportion.IsMatch(text) || Rising.IsMatch(text))
            return [CurveOf(segment, text, units)];
        if (Ties.IsMatch(text))
            return TieOf(text, segment, units) is { } tie ? [tie] : [];
        if (Off.Match(text) is { Success: true } off)
            return OffOf(segment, plain, off);
        if (scoring && Minus.Match(text) is { Success: true } minus)
            return OffOf(segment, plain, minus);
        var more = More.Match(text);
        if (!more.Success && scoring)
            more = Plus.Match(text);
        if (more.Success)
            return [Bonus(segment, Said.Amount(more.Groups["n"]), plain, more)];
        if (scoring && Listed.Match(text) is { Success: true } listed)
            return [OfList(segment, plain, listed)];
        if (Each.Match(text) is { Success: true } each)
            return [PointsFor(each, plain, text, units) ?? new Piece.Unread(segment.Range, segment.Text)];
        if (If.Match(text) is { Success: true } found && (scoring || !found.Groups["colon"].Success))
            return [Bonus(segment, Said.Amount(found.Groups["n"]), plain, found)];
        return [.. Winner(segment, text, units)];
    }

    /// <summary>
    /// "Load held: 50 points for the best team, the others in proportion", and "from 0 points at 10 cm up to 50 points
    /// at 60 cm". Where nothing says what is measured, it stays as text.
    /// </summary>
    private static Piece CurveOf(Segment segment, string text, UnitSystem units)
    {
        var share = Proportion.Match(text);
        var rising = share.Success ? Match.Empty : Rising.Match(text);
        var unit = rising.Groups["u"].Success ? Said.UnitOf(rising.Groups["u"]) : null;
        var name = text[..Math.Max(0, text.IndexOf(':', StringComparison.Ordinal))];
        var measure = unit is null ? SaidMeasures.Named(name, units) : SaidMeasures.Find(name, unit);
        if (measure is null)
            return new Piece.Unread(segment.Range, segment.Text);
        if (share.Success)
        {
            var all = Said.Amount(share.Groups["n"]);
            return new Piece.Curved(
                segment.Range,
                measure,
                new Curve.ShareOfBest(all),
                $"{MethodWords.Points(all)} for the best team, the others in proportion"
            );
        }

        var (from, to, points) = (
            Said.Amount(rising.Groups["a"]),
            Said.Amount(rising.Groups["b"]),
            Said.Amount(rising.Groups["n"])
        );
        return new Piece.Curved(
            segment.Range,
            measure with
            {
                Better = from < to ? Better.More : Better.Less,
            },
            new Curve.Between(from, to, points),
            $"from 0 points at {Said.Reading(from, measure.Unit)} up to {MethodWords.Points(points)} at "
                + Said.Reading(to, measure.Unit)
        );
    }

    /// <summary>A line of a table: "Dry nest ..... 10 points", "Each unused straw: 1 point".</summary>
    private static Piece OfList(Segment segment, PlainText plain, Match listed)
    {
        var (what, points) = (listed.Groups["what"].Value, Said.Amount(listed.Groups["n"]));
        if (OfEach.Match(what) is { Success: true } each)
            return new Piece.Points(
                segment.Range,
                SaidMeasures.Count(English.Several(English.One(each.Groups["t"].Value)), carried: true),
                points
            );
        var said = segment.Text[..(plain.Range(listed.Groups["what"]).To - segment.From)];
        return new Piece.Look(segment.Range, SentenceCase.Beginning(said), RuleSort.Criterion, Bonus: points);
    }

    private static Piece.Look Bonus(Segment segment, decimal points, PlainText plain, Match found)
    {
        var clause = NextPoints.Match(plain.Text, found.Index + found.Length).Value;
        var rest = clause.Trim(' ', ':', '.');
        return new(
            plain.Range(0, found.Index + found.Length + clause.Length),
            rest.Length > 0 ? SentenceCase.Beginning(Lead.Replace(rest, "")) : segment.AsLine,
            RuleSort.Criterion,
            Bonus: points
        );
    }

    private static IReadOnlyList<Piece> OffOf(Segment segment, PlainText plain, Match off)
    {
        var points = Said.Amount(off.Groups["n"]);
        if (OverLimit.Match(plain.Text) is { Success: true } over)
        {
            var (unit, limit) = (Units.Read(over.Groups["t"].Value), Said.Amount(over.Groups["n"]));
            var measure = unit is null
                ? SaidMeasures.Count(English.Several(English.One(over.Groups["t"].Value)), carried: false)
                : SaidMeasures.Find("", unit);
            if (measure is not null)
                return
                [
                    new Piece.Limit(
                        segment.Range,
                        measure,
                        Comparison.AtMost,
                        Said.Reading(limit, measure.Unit),
                        "",
                        segment.AsLine,
                        RuleSort.Constraint,
                        Deducts: points
                    ),
                ];
        }

        var once = new Piece.Look(segment.Range, segment.AsLine, RuleSort.Constraint, Deducts: points);
        if (ForEach.Match(plain.Text) is not { Success: true } each)
            return [once];
        var counted = SaidMeasures.Count(English.Several(English.One(each.Groups["t"].Value)), carried: true) with
        {
            Better = Better.Less,
        };
        return
        [
            new Piece.Asked(
                segment.Range,
                $"{MethodWords.Points(points)} off: every time, or once?",
                [new Piece.Points(segment.Range, counted, -points), once]
            ),
        ];
    }

    private static Piece? PointsFor(Match each, PlainText plain, string text, UnitSystem units)
    {
        var number = Said.Amount(each.Groups["n"]);
        var step = each.Groups["m"].Success ? Said.Amount(each.Groups["m"]) : 1;
        var word = each.Groups["t"].Value;
        var unit = Units.Read(word.Split(' ')[0]);
        var rest = $"{word} {text[(each.Index + each.Length)..]}";
        var most = AtMost.Match(text, each.Index + each.Length);
        var range = plain.Range(
            each.Index,
            (most.Success ? most.Index + most.Length : each.Index + each.Length) - each.Index
        );
        Piece.Points Of(SaidMeasure measure) =>
            new(range, measure, Rounding.ToDigits(number / step), most.Success ? Said.Amount(most.Groups["n"]) : null);
        if (unit is null)
            return Of(SaidMeasures.Count(CountedThing(word), carried: true));
        if ((SaidMeasures.Find(rest, unit) ?? SaidMeasures.Find(text, unit)) is { } measure)
            return Of(measure);
        return unit.Kind == MeasureKind.Length
            ? new Piece.Asked(
                range,
                $"Each {Units.OneOf(unit.Symbol)} of what?",
                [.. Ways.Select(w => Of(SaidMeasures.Find(w, unit)!))]
            )
            : null;
    }

    /// <summary>What several of a thing are called: "beads" of "bead", "straws left" of "straw left over".</summary>
    private static string CountedThing(string word)
    {
        var left = word.IndexOf(" left", StringComparison.Ordinal);
        return left > 0 ? $"{English.Several(English.One(word[..left]))} left" : English.Several(English.One(word));
    }

    private static Piece.Tie? TieOf(string text, Segment segment, UnitSystem units)
    {
        if (FewerOf.Match(text) is { Success: true } fewer)
        {
            // "less tape" could be its length, its mass or its strips.
            if (fewer.Groups["of"].Success && SaidMeasures.Named(fewer.Groups["t"].Value, units) is null)
                return null;
            var better = fewer.Groups["less"].Success ? Better.Less : Better.More;
            if (SaidMeasures.Named(fewer.Groups["t"].Value, units) is { } named && named.Kind != MeasureKind.Count)
                return new(segment.Range, named with { Better = better }, better);
            return new(segment.Range, SaidMeasures.Count(fewer.Groups["t"].Value, carried: false), better);
        }

        if (OfTime.Match(text) is { Success: true } time)
            return new(
                segment.Range,
                SaidMeasures.Named("seconds", units)!,
                time.Groups["less"].Success ? Better.Less : Better.More
            );
        foreach (var word in Compared.Matches(text).Cast<Match>())
            if (SaidMeasures.ByAdjective(word.Value, units) is { } measure)
                return new(segment.Range, measure, measure.Better);
        return null;
    }

    private static IEnumerable<Piece> Winner(Segment segment, string text, UnitSystem units)
    {
        if (TotalWins.Match(text) is { Success: true } total)
        {
            yield return new Piece.Wins(
                segment.Range,
                total.Groups["low"].Success ? WinningDirection.Lowest : WinningDirection.Highest
            );
            yield break;
        }

        if (!WinsWord.IsMatch(text))
            yield break;
        var measure = MostOf.Match(text) is { Success: true } most
            ? most.Groups["t"].Value is "weight" or "load" or "mass" or "cargo"
                ? SaidMeasures.ByAdjective("strongest", units)
                : SaidMeasures.Count(English.Several(English.One(most.Groups["t"].Value)), carried: true)
            : Superlative
                .Matches(text)
                .Select(word => SaidMeasures.ByAdjective(word.Value, units))
                .FirstOrDefault(m => m is not null);
        if (measure is null)
            yield break;
        yield return new Piece.Points(segment.Range, measure, 1);
        if (measure.Better == Better.Less)
            yield return new Piece.Wins(segment.Range, WinningDirection.Lowest);
    }

    private static readonly Regex OfTime = new(@"\b(?:longer|longest|(?<less>shorter|shortest)) time\b");

    private static readonly Regex OneMoreSort = new(@"^,? ?\d+ points? for [a-z]+\.?$", RegexOptions.IgnoreCase);

    /// <summary>Relays, sorting, points by place: more than one measure, so they stay as text.</summary>
    private static readonly Regex OfKnownParts = new(
        @"\b(?:1st|first) place\b|\bpoints? for the best team\b|\bitems? into \d+ bins?\b|\blegs? against the clock\b"
    );

    /// <summary>"50 points for “whole”" is for a level of a measure that has others.</summary>
    private static readonly Regex OfLevel = new(@"\d points? for [“""][^”""]+[”""]");

    private static readonly Regex Proportion = new(
        @"\b(?<n>\d+(?:\.\d+)?) points? for the best(?: team)?, (?:the )?others in proportion"
    );

    private static readonly Regex Rising = new(
        $@"\bfrom 0 points? at (?<a>\d+(?:\.\d+)?) ?{Said.Unit}? up to {Said.Number} points? at (?<b>\d+(?:\.\d+)?)"
    );

    private static readonly Regex Listed = new(
        @"^(?<what>[^.:=_]+?)\s*(?:\.{3,}|_{3,}|…|:|=| - )\s*(?<n>\d+) points?\.?$"
    );

    private static readonly Regex OfEach = new(@"^(?:each|every|per) (?<t>[a-z]+(?: [a-z]+)?)$");

    /// <summary>Up to where the next number of points begins.</summary>
    private static readonly Regex NextPoints = new(@"\G(?:(?!, \d|,? and \d).)*");

    private static readonly Regex AtMost = new(
        @"\b(?:up to|at most|a maximum of|no more than) (?<n>\d+)(?: points)?\b"
    );

    /// <summary>"3 points per shell, minus 1 point per broken one" says two things.</summary>
    private static readonly Regex PointClauses = new(
        @"(?:(?!, (?:and |but )?(?:minus|plus|lose|\d+ points?)).)+",
        RegexOptions.IgnoreCase
    );

    private static readonly Regex PointsWord = new(@"\bpoints?\b", RegexOptions.IgnoreCase);

    private static readonly Regex Ties = new(
        @"\bties?\b|\btied\b|\bif (?:(?:the )?totals are |they are |it is |it's |teams are )?equal\b"
            + @"|\btie-?break\w*|\btiebreak\w*"
    );

    private static readonly Regex Off = new(
        $@"(?:lose|loses|minus|deduct|subtract|take off|^-) ?{Said.Number} points?|{Said.Number} points? (?:off"
            + $@"|are taken off|are deducted|is taken off|is deducted|less|are lost)|penalty of {Said.Number} points?"
    );

    private static readonly Regex Minus = new(@"^- ?(?<n>\d+(?:\.\d+)?)(?: points?)?");

    private static readonly Regex More = new(
        $@"bonus of {Said.Number}(?: points?)?|{Said.Number} (?:extra|bonus|more) points?"
    );

    private static readonly Regex Plus = new(@"^\+ ?(?<n>\d+(?:\.\d+)?)(?: points?)?");

    private static readonly Regex Lead = new(@"^(?:if|for|when|it) (?:it )?|^(?:if|for|when) ");

    private static readonly Regex Each = new(
        $@"{Said.Number} points? (?:for (?:each|every)|per|a) (?:{Said.Other} ?)?(?<t>[a-z]+"
            + @"(?: (?!of\b|over\b|still\b|who\b|which\b|in\b|on\b|at\b"
            + $@"|that\b|held\b|lifted\b|flown\b|\w+ed\b)[a-z]+)?)"
            + $@"|(?:each|every) (?!team|group|pair|student|person)"
            + @"(?<t>[a-z]+(?: left(?: over)?)?) (?:is worth|earns|gets|scores"
            + $@"|gives) {Said.Number} points?"
    );

    private static readonly Regex If = new($@"{Said.Number} points?(?:(?<colon>:)| if | for | when )");

    private static readonly Regex OverLimit = new(
        $@"(?:each|every) (?<t>[a-z]+(?: [a-z]+)?) (?:over|above|more than|beyond) {Said.Number}"
    );

    private static readonly Regex ForEach = new($@"(?:for (?:each|every)|per) (?:extra )?{Said.Thing}");

    private static readonly Regex FewerOf = new(
        $@"\b(?:(?<less>fewer|fewest|(?<of>less|least))|more|most) {Said.Thing}"
    );

    private static readonly Regex Compared = new(@"\b[a-z]+er\b|\b[a-z]+est\b");

    private static readonly Regex TotalWins = new(
        @"\b(?:highest|most|(?<low>lowest|fewest|least)) (?:total|score|points?|number of points)\b[^.]*\b(?:wins?"
            + @"|winner)\b"
    );

    private static readonly Regex WinsWord = new(@"\b(?:wins?|winner)\b");

    private static readonly Regex MostOf = new($@"\bmost {Said.Thing}");

    private static readonly Regex Superlative = new(@"\b[a-z]+est\b");
}
