using System.Formats.Asn1;
using System.Net;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;
using PluckyRally.Data.Folder;
using PluckyRally.Web.Access;
using PluckyRally.Web.Start;

namespace PluckyRally.Web.Certificates;

/// <summary>
/// A certificate authority of this computer's own, and a certificate from it for the computer's names and addresses,
/// made anew whenever these change. Of names, the authority can vouch for this computer's own and for no other.
/// </summary>
internal sealed class OwnCertificates : IDisposable
{
    private static readonly TimeSpan Backdated = TimeSpan.FromDays(1);

    /// <summary>Days that a certificate is good; browsers take 398 at the most.</summary>
    private const int Days = 397;

    /// <summary>Days before its end at which a certificate is made anew.</summary>
    private const int Renewed = 30;

    private const int AuthorityYears = 10;
    private readonly X509Certificate2 _authority;
    private readonly TimeProvider _clock;
    private readonly Lock _one = new();
    private (string Names, X509Certificate2 Certificate)? _current;

    private OwnCertificates(X509Certificate2 authority, TimeProvider clock)
    {
        _authority = authority;
        _clock = clock;
    }

    /// <summary>The authority's certificate, as devices install it.</summary>
    public byte[] Authority => _authority.RawData;

    /// <summary>What a person compares before it is installed: SHA-256, in pairs.</summary>
    public string Fingerprint =>
        string.Join(':', Convert.ToHexString(SHA256.HashData(_authority.RawData)).Chunk(2).Select(c => new string(c)));

    /// <summary>When the authority ends.</summary>
    public DateTimeOffset Until => _authority.NotAfter.ToUniversalTime();

    /// <summary>
    /// The authority that stands beside the data, made where there is none yet or the old one is about to end.
    /// </summary>
    public static OwnCertificates Open(DataFolder folder, TimeProvider clock)
    {
        var (certificate, key) = (
            Path.Combine(folder.Path, "authority.crt"),
            Path.Combine(folder.Path, "authority.key")
        );
        if (!File.Exists(key) || !File.Exists(certificate))
            Make(certificate, key, clock.GetUtcNow());
        var authority = Read(certificate, key);
        if (authority.NotAfter.ToUniversalTime() > clock.GetUtcNow().AddDays(Days))
            return new(authority, clock);
        authority.Dispose();
        Make(certificate, key, clock.GetUtcNow());
        return new(X509Certificate2.CreateFromPemFile(certificate, key), clock);
    }

    /// <exception cref="StartRefusedException">The files are damaged.</exception>
    private static X509Certificate2 Read(string certificate, string key)
    {
        try
        {
            return X509Certificate2.CreateFromPemFile(certificate, key);
        }
        catch (CryptographicException)
        {
            throw new StartRefusedException(
                $"The files of this computer’s own certificate authority cannot be read: {certificate} and {key}.",
                "Remove both from the folder and start again: new ones are made, and devices install the new "
                    + "certificate once. Or put both back from a backup of the folder."
            );
        }
    }

    /// <summary>The certificate for the names and addresses that this computer has now.</summary>
    public X509Certificate2 Current()
    {
        var addresses = LanAddresses.All();
        var names = string.Join(' ', addresses);
        lock (_one)
        {
            if (
                _current is { } known
                && known.Names == names
                && known.Certificate.NotAfter.ToUniversalTime() > _clock.GetUtcNow().AddDays(Renewed)
            )
                return known.Certificate;
            _current = (names, Issue(addresses));
            return _current.Value.Certificate;
        }
    }

    public void Dispose()
    {
        _authority.Dispose();
        _current?.Certificate.Dispose();
    }

    private X509Certificate2 Issue(IReadOnlyList<string> addresses)
    {
        using var key = ECDsa.Create(ECCurve.NamedCurves.nistP256);
        var request = new CertificateRequest($"CN={Environment.MachineName}", key, HashAlgorithmName.SHA256);
        var names = new SubjectAlternativeNameBuilder();
        foreach (var name in Names())
            names.AddDnsName(name);
        foreach (var address in addresses.Append("127.0.0.1"))
            names.AddIpAddress(IPAddress.Parse(address));
        request.CertificateExtensions.Add(names.Build());
        request.CertificateExtensions.Add(new X509BasicConstraintsExtension(false, false, 0, true));
        request.CertificateExtensions.Add(new X509KeyUsageExtension(X509KeyUsageFlags.DigitalSignature, true));
        request.CertificateExtensions.Add(new X509EnhancedKeyUsageExtension([new Oid("1.3.6.1.5.5.7.3.1")], false));
        request.CertificateExtensions.Add(
            X509AuthorityKeyIdentifierExtension.CreateFromCertificate(_authority, true, false)
        );
        var now = _clock.GetUtcNow();
        using var signed = request.Create(
            _authority,
            now - Backdated,
            now.AddDays(Days),
            RandomNumberGenerator.GetBytes(16)
        );
        return signed.CopyWithPrivateKey(key);
    }

    private static void Make(string certificate, string keyFile, DateTimeOffset now)
    {
        using var key = ECDsa.Create(ECCurve.NamedCurves.nistP256);
        var request = new CertificateRequest(
            $"CN=Plucky Rally on {Environment.MachineName} {now:yyyy-MM-dd} {RandomNumberGenerator.GetHexString(4)}",
            key,
            HashAlgorithmName.SHA256
        );
        request.CertificateExtensions.Add(new X509BasicConstraintsExtension(true, true, 0, true));
        request.CertificateExtensions.Add(
            new X509KeyUsageExtension(X509KeyUsageFlags.KeyCertSign | X509KeyUsageFlags.CrlSign, true)
        );
        request.CertificateExtensions.Add(new X509SubjectKeyIdentifierExtension(request.PublicKey, false));
        request.CertificateExtensions.Add(OnlyThisComputer());
        using var made = request.CreateSelfSigned(now - Backdated, now.AddYears(AuthorityYears));
        using (var writer = new StreamWriter(keyFile, OwnFiles.Fresh))
            writer.Write(key.ExportPkcs8PrivateKeyPem());
        using (var writer = new StreamWriter(certificate, OwnFiles.Fresh))
            writer.Write(made.ExportCertificatePem());
    }

    private static string[] Names() =>
        [
            .. new[]
            {
                "localhost",
                Environment.MachineName.ToLowerInvariant(),
                LanAddresses.LocalName.ToLowerInvariant(),
            }.Distinct(),
        ];

    /// <summary>
    /// Name constraints (RFC 5280, 4.2.1.10): whoever steals the key can pose as no site of the internet, since those
    /// have names.
    /// </summary>
    private static X509Extension OnlyThisComputer()
    {
        var asn = new AsnWriter(AsnEncodingRules.DER);
        using (asn.PushSequence())
        using (asn.PushSequence(new Asn1Tag(TagClass.ContextSpecific, 0)))
        {
            foreach (var name in Names())
                using (asn.PushSequence())
                    asn.WriteCharacterString(
                        UniversalTagNumber.IA5String,
                        name,
                        new Asn1Tag(TagClass.ContextSpecific, 2)
                    );
        }

        return new("2.5.29.30", asn.Encode(), critical: true);
    }
}
