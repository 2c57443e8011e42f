using System.IO.Compression;
using System.Text;
using PluckyRally.Data.Folder;
using PluckyRally.Data.Photos;

namespace PluckyRally.Data.Archive;

/// <summary>
/// The files of an archive. However large one says it is, no more is read than it may have; what is wrong with one is
/// an <see cref="InvalidDataException"/>.
/// </summary>
internal static class ArchivedFiles
{
    /// <summary>A file as text.</summary>
    public static string Text(this ZipArchive zip, string name, int most) =>
        new UTF8Encoding(false, throwOnInvalidBytes: true).GetString(zip.Bytes(name, most));

    /// <summary>Writes a picture of the archive to a file.</summary>
    public static void SavePicture(this ZipArchive zip, string name, string to)
    {
        OwnFiles.Folder(Path.GetDirectoryName(to)!);
        var bytes = zip.Bytes(name, PhotoAlbum.MostBytes);
        if (bytes is not [0xFF, 0xD8, ..])
            throw new InvalidDataException($"{name} is not a JPEG picture");
        using var file = new FileStream(to, OwnFiles.Fresh);
        file.Write(bytes);
    }

    private static byte[] Bytes(this ZipArchive zip, string name, int most)
    {
        var entry = zip.GetEntry(name) ?? throw new InvalidDataException($"{name} is missing");
        using var stream = entry.Open();
        using var bytes = new MemoryStream();
        var buffer = new byte[81920];
        for (int read; (read = stream.Read(buffer)) > 0; )
        {
            bytes.Write(buffer, 0, read);
            if (bytes.Length > most)
                throw new InvalidDataException($"{name} is larger than {most / 1_000_000} MB");
        }

        return bytes.ToArray();
    }
}
