using System.Text;
using PluckyRally.Core.Instruments;

namespace PluckyRally.Web.Instruments;

/// <summary>
/// Reads lines of a connection, none longer than an instrument's: whoever sends more at once is not read on.
/// </summary>
internal sealed class InstrumentLines(Stream stream)
{
    private readonly byte[] _buffer = new byte[InstrumentLine.Longest * 4];
    private int _filled;

    /// <summary>The next line; null where the line is closed, or goes on without an end.</summary>
    /// <exception cref="IOException">The connection is lost.</exception>
    public async Task<string?> Next(CancellationToken stop)
    {
        while (true)
        {
            var end = Array.IndexOf(_buffer, (byte)'\n', 0, _filled);
            if (end >= 0)
            {
                var line = Encoding.UTF8.GetString(_buffer, 0, end).TrimEnd('\r');
                _filled -= end + 1;
                Array.Copy(_buffer, end + 1, _buffer, 0, _filled);
                return line;
            }

            if (_filled == _buffer.Length)
                return null;
            var read = await stream.ReadAsync(_buffer.AsMemory(_filled), stop);
            if (read == 0)
                return null;
            _filled += read;
        }
    }
}
