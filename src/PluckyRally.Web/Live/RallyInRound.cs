using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Live;

/// <summary>What an endpoint says of a rally in a round, or why there is nothing to say.</summary>
internal static class RallyInRound
{
    /// <summary>Says something of a rally in a round.</summary>
    /// <typeparam name="T">What is said.</typeparam>
    /// <param name="opening">The rally, while it is opened; null where there is none.</param>
    /// <param name="round">The round, from 1.</param>
    /// <param name="say">Says it: of the rally as it is kept, and opened.</param>
    public static Task<Results<Ok<T>, Missing, Refused>> InRound<T>(
        this Task<KeptRally?> opening,
        int round,
        Func<KeptRally, OpenedRally, T> say
    ) => opening.InRound(round, (kept, rally) => Task.FromResult(say(kept, rally)));

    /// <summary>The same where something is waited for to say it.</summary>
    public static async Task<Results<Ok<T>, Missing, Refused>> InRound<T>(
        this Task<KeptRally?> opening,
        int round,
        Func<KeptRally, OpenedRally, Task<T>> say
    )
    {
        if (await opening is not { } found)
            return new Missing("rally");
        if (round is < 1 or > Limits.Rounds)
            return new Missing("round");
        return found.Opened.IsOk
            ? TypedResults.Ok(await say(found, found.Opened.Value))
            : new Refused(found.Opened.Problems);
    }

    /// <summary>The rally as the live line announced it, or newer: then many windows have one answer.</summary>
    /// <param name="opening">The rally as it is now, while it is opened.</param>
    /// <param name="rounds">Knows what was answered before.</param>
    /// <param name="announced">How many entries were announced; absent where the newest is wanted.</param>
    public static async Task<KeptRally?> AsAnnounced(
        this Task<KeptRally?> opening,
        RoundCache rounds,
        int? announced
    ) => await opening is { } newest ? rounds.At(newest, announced) : null;
}
