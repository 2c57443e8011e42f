using PluckyRally.Web.Status;

namespace PluckyRally.Web.Access;

/// <summary>
/// Writes wrong passwords and codes into the log: the first at once, and those that follow as a number. A stranger who
/// goes on guessing for days pushes nothing else out of it.
/// </summary>
internal sealed class WrongGuesses(ILogger<WrongGuesses> logger, TimeProvider clock)
{
    private static readonly TimeSpan Pace = TimeSpan.FromMinutes(10);

    private readonly Lock _state = new();
    private long? _told;
    private int _since;

    /// <summary>Somebody at an address has guessed wrongly.</summary>
    public void Add(HttpContext context)
    {
        lock (_state)
        {
            _since++;
            if (_told is { } told && clock.GetElapsedTime(told) < Pace)
                return;
            LogMessages.WrongGuess(logger, _since, $"{context.Connection.RemoteIpAddress}");
            (_told, _since) = (clock.GetTimestamp(), 0);
        }
    }
}
