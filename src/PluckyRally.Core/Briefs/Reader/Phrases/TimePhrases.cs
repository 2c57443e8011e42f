using System.Text.RegularExpressions;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Time;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>Phases with their minutes, lessons, warnings, teams.</summary>
internal static class TimePhrases
{
    private static readonly (Regex Words, PhaseKind Kind)[] Activities =
    [
        (Begins("rebuild|redesign|improv"), PhaseKind.Rebuild),
        (Begins("clean|tidy|clear"), PhaseKind.ClearUp),
        (Begins("sketch|draw|imagin"), PhaseKind.Sketch),
        (Begins("plan"), PhaseKind.Plan),
        (Begins("build|construct|creat"), PhaseKind.Build),
        (Begins("test|load"), PhaseKind.Test),
        (Begins("talk|discuss|debrief|reflect"), PhaseKind.Talk),
        (Begins("intro|ask"), PhaseKind.Introduce),
        (Begins("explor"), PhaseKind.Explore),
        (Begins("research"), PhaseKind.Research),
        (Begins("predict"), PhaseKind.Predict),
        (Begins("present|share"), PhaseKind.Present),
        (Begins("collect|gather"), PhaseKind.Collect),
    ];

    private static Regex Begins(string words) => new($@"\b(?:{words})");

    /// <summary>The phases, lessons and warnings of a segment.</summary>
    public static IEnumerable<Piece> In(PlainText plain)
    {
        if (Warnings.Match(plain.Text) is { Success: true } warnings)
        {
            foreach (var minutes in warnings.Groups["n"].Captures.Cast<Capture>())
                yield return new Piece.Warning(plain.Range(warnings), Said.Amount(minutes));
            yield break;
        }

        if (LessonLong.Match(plain.Text) is { Success: true } lesson)
        {
            var minutes = Said.Amount(lesson.Groups["n"]) * (lesson.Groups["hour"].Success ? 60 : 1);
            yield return new Piece.OfLesson(plain.Range(lesson.Groups["n"]), minutes);
            if (lesson.Groups["many"] is { Success: true } many && Said.Whole(many) is { } lessons and > 1)
                yield return new Piece.Lessons(plain.Range(many), lessons);
            yield break;
        }

        if (MinuteLesson.Match(plain.Text) is { Success: true } minuteLesson)
        {
            yield return new Piece.OfLesson(plain.Range(minuteLesson), Said.Amount(minuteLesson.Groups["n"]));
            yield break;
        }

        foreach (var clause in Clauses.Matches(plain.Text).Cast<Match>())
            if (Lasts.Match(clause.Value) is { Success: true } lasts)
            {
                var range = plain.Range(clause.Index, clause.Length);
                var minutes = Rounding.ToDigits(
                    Said.Amount(lasts.Groups["n"])
                        * (
                            lasts.Groups["hour"].Success ? 60
                            : lasts.Groups["sec"].Success ? 1 / 60m
                            : 1
                        )
                );
                var phases = Done(clause.Value, lasts).Select(kind => new Piece.OfPhase(range, kind, minutes)).ToList();
                if (phases.Count == 1)
                    yield return phases[0];
                else if (phases.Count > 1)
                    yield return new Piece.Asked(range, $"What takes {English.Count(minutes, "minute")}?", [.. phases]);
            }
    }

    /// <summary>Teams and how many students each has.</summary>
    public static IEnumerable<Piece> Teams(PlainText plain)
    {
        var text = plain.Text;
        if (OfSo.Match(text) is { Success: true } of)
        {
            if (Said.Whole(of.Groups["n"]) is { } size)
                yield return of.Groups["m"] is { Success: true } upper && Said.Whole(upper) is { } most
                    ? new Piece.Asked(
                        plain.Range(of),
                        $"How many students are in a team, {size} or {most}?",
                        [new Piece.TeamSize(plain.Range(of), size), new Piece.TeamSize(plain.Range(of), most)]
                    )
                    : new Piece.TeamSize(plain.Range(of), size);
        }
        else if (Pairs.Match(text) is { Success: true } pairs)
            yield return new Piece.TeamSize(plain.Range(pairs), 2);
        else if (Alone.Match(text) is { Success: true } alone)
            yield return new Piece.TeamSize(plain.Range(alone), 1);
        if (SoMany.Match(text) is { Success: true } many && Said.Whole(many.Groups["n"]) is { } teams and > 1)
            yield return new Piece.Teams(plain.Range(many), teams);
    }

    /// <summary>
    /// What is done in the time: the words behind the minutes go before those in front of them. "Build and test" is
    /// two.
    /// </summary>
    private static IReadOnlyList<PhaseKind> Done(string clause, Match lasts)
    {
        if (After.IsMatch(clause[..lasts.Index]))
            return [];
        foreach (var side in new[] { clause[(lasts.Index + lasts.Length)..], clause[..lasts.Index] })
        {
            var first = Activities
                .Select(a => (a.Kind, At: a.Words.Match(side)))
                .Where(a => a.At.Success)
                .OrderBy(a => a.At.Index)
                .ToList();
            if (first.Count > 0)
                return side.Contains(" and ") ? [.. first.Select(a => a.Kind)] : [first[0].Kind];
        }

        return [];
    }

    /// <summary>How long a text says that something takes; null where it names no time, or several.</summary>
    public static decimal? Lasting(PlainText plain) =>
        OfMinutes.Matches(plain.Text) is [{ } only] && !only.Groups["part"].Success
            ? Said.Amount(only.Groups["n"])
            : null;

    private static readonly Regex OfMinutes = new(
        @"(?:\b(?<part>after|before|every|each|last|first|next|at) )?(?<![-\d])(?<n>\d+(?:\.\d+)?) ?min(?:ute)?s?\b"
    );

    private static readonly Regex After = new(@"\bafter\b");

    private static readonly Regex MinuteLesson = new(@"(?<n>\d+)[ -]minute (?:lesson|class|period)\b");

    private static readonly Regex Clauses = new(@"(?:(?!, | and then | then | and (?=\w+ (?:for )?\d|\d)).)+");

    private static readonly Regex Lasts = new(
        $@"{Said.Number}[ -]?(?:minutes?|mins?|(?<hour>hours?|hrs?)|(?<sec>seconds?(?= to (?:load|test))))\b"
    );

    private static readonly Regex Warnings = new(
        @"(?<n>\d+)[ -]minute warning|warn\w*\b(?: \w+){0,2} (?<n>\d+)(?:(?:,| and) (?<n>\d+))* minutes?"
    );

    private static readonly Regex LessonLong = new(
        $@"(?:(?<many>\d+|one) )?(?:lessons?|class(?:es)?|periods?|activity|challenge) (?:is|are|of|lasts?"
            + $@"|takes?) (?:about )?{Said.Number} ?"
            + "(?:minutes?|mins?|(?<hour>hours?))"
    );

    private static readonly Regex OfSo = new(
        @"\b(?:teams?|groups?) of (?<n>\d+|one)(?:(?: to | or | ?- ?)(?<m>\d+))?|\b(?:teams?|groups?) have (?<n>\d+) "
    );

    private static readonly Regex Pairs = new(@"\b(?:in|as) pairs\b");

    private static readonly Regex Alone = new(@"\bworks? alone\b|\bon your own team\b");

    private static readonly Regex SoMany = new(@"\b(?<n>\d+) (?:teams|groups)\b(?! of)");
}
