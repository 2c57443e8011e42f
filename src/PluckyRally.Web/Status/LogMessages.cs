using PluckyRally.Core.Ids;

namespace PluckyRally.Web.Status;

/// <summary>
/// What is written into the log: that something happened and where, never who a student is or what was typed.
/// </summary>
internal static partial class LogMessages
{
    [LoggerMessage(
        LogLevel.Information,
        "Version {Version} started with the data in {Folder}; other devices are let in: {Lan}"
    )]
    public static partial void Started(ILogger logger, string version, string folder, bool lan);

    [LoggerMessage(LogLevel.Information, "Stopped")]
    public static partial void Stopped(ILogger logger);

    [LoggerMessage(LogLevel.Information, "A backup was made: {Name}, {Reason}, {Bytes} bytes")]
    public static partial void CopyMade(ILogger logger, string name, string reason, long bytes);

    [LoggerMessage(LogLevel.Warning, "No backup could be made: {Reason}")]
    public static partial void CannotCopy(ILogger logger, string reason);

    [LoggerMessage(LogLevel.Warning, "Instruments cannot connect at port {Port}: {Reason}. Everything else works.")]
    public static partial void CannotListen(ILogger logger, int port, string reason);

    [LoggerMessage(
        LogLevel.Warning,
        "Wrong passwords or codes since this was last said: {Times}, the newest from {Address}"
    )]
    public static partial void WrongGuess(ILogger logger, int times, string address);

    [LoggerMessage(LogLevel.Information, "A device joined rally {Rally}")]
    public static partial void Joined(ILogger logger, RallyId rally);

    [LoggerMessage(LogLevel.Information, "Rally {Rally} was begun with {Teams} teams")]
    public static partial void RallyBegun(ILogger logger, RallyId rally, int teams);
}
