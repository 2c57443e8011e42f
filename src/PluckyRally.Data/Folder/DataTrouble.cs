using Microsoft.Data.Sqlite;

namespace PluckyRally.Data.Folder;

/// <summary>Why the data cannot be used.</summary>
public enum DataTroubleKind
{
    /// <summary>Another program of ours uses it.</summary>
    InUse,

    /// <summary>The file is there and holds nothing.</summary>
    Empty,

    /// <summary>The file cannot be read, or holds something else.</summary>
    Damaged,

    /// <summary>The file was written by a newer version.</summary>
    Newer,

    /// <summary>Another program keeps the file locked.</summary>
    Locked,

    /// <summary>The folder or the file cannot be written to.</summary>
    NotWritable,

    /// <summary>The disk has no room.</summary>
    DiskFull,
}

/// <summary>Why the data cannot be used, and what to do about it.</summary>
/// <param name="Kind">What kind of trouble it is.</param>
/// <param name="What">What is wrong, as a sentence.</param>
/// <param name="Remedy">What helps, as a sentence.</param>
public sealed record DataTrouble(DataTroubleKind Kind, string What, string Remedy)
{
    /// <summary>Whether an older copy would help: the file itself is no good.</summary>
    public bool CopyHelps => Kind is DataTroubleKind.Empty or DataTroubleKind.Damaged or DataTroubleKind.Newer;

    /// <summary>The trouble behind an exception of the disk or of SQLite.</summary>
    /// <param name="wrong">What was thrown.</param>
    /// <param name="where">The file or folder.</param>
    public static DataTrouble Of(Exception wrong, string where) =>
        wrong switch
        {
            SqliteException { SqliteErrorCode: 13 } or IOException { HResult: DiskFullCode } => Full(where),

            // SQLite says no more than that it could not write; whether for want of room can be seen.
            SqliteException { SqliteErrorCode: 10 } when !HasRoom(where) => Full(where),
            SqliteException { SqliteErrorCode: 5 or 6 } => new(
                DataTroubleKind.Locked,
                $"{where} is locked by another program.",
                "End whatever else has the file open, for example a database browser or a copying program, "
                    + "then try again."
            ),
            SqliteException { SqliteErrorCode: 3 or 8 or 14 } or UnauthorizedAccessException => new(
                DataTroubleKind.NotWritable,
                $"{where} cannot be written to.",
                "Let the person who started Plucky Rally write there, or choose another folder with --data DIR."
            ),
            SqliteException { SqliteErrorCode: 11 or 26 } => new(
                DataTroubleKind.Damaged,
                $"The file {where} is damaged.",
                "Restore the newest backup. The damaged file is kept beside it."
            ),
            SqliteException or IOException => new(
                DataTroubleKind.NotWritable,
                $"{where} cannot be used: {wrong.Message}",
                "Check that the disk is connected and has room, or choose another folder with --data DIR."
            ),
            _ => throw new ArgumentException("This is not a problem with the disk.", nameof(wrong), wrong),
        };

    /// <summary>There is no room left.</summary>
    /// <param name="where">The file or folder.</param>
    public static DataTrouble Full(string where) =>
        new(
            DataTroubleKind.DiskFull,
            "The disk is full.",
            $"Make room on it ({where}): empty the computer's bin, move large files to another disk. What "
                + "waits on a judge's device is safe there."
        );

    /// <summary>Whether a disk has room for work to go on.</summary>
    /// <param name="where">A file or folder on it; one that is none counts as having room.</param>
    public static bool HasRoom(string where) =>
        !Path.IsPathFullyQualified(where) || new DriveInfo(where).AvailableFreeSpace > LeastRoom;

    /// <summary>Bytes below which a disk counts as full: a small rally and its log.</summary>
    private const long LeastRoom = 2_000_000;

    /// <summary>ENOSPC (POSIX errno 28 on Linux).</summary>
    private const int DiskFullCode = 28;
}
