package canthook.server.sharing;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.math.BigInteger;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.PrivateKey;
import java.security.SecureRandom;
import java.security.cert.Certificate;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Date;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import org.bouncycastle.asn1.ASN1OctetString;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.GeneralSubtree;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.asn1.x509.NameConstraintValidatorException;
import org.bouncycastle.asn1.x509.NameConstraints;
import org.bouncycastle.asn1.x509.PKIXNameConstraintValidator;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509ExtensionUtils;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/**
 * The shop's own authority. Made once and kept beside the shop; a device that trusts it trusts this shop's addresses in its own network,
 * and, because the certificate says so itself, nothing outside of one.
 */
final class Authority {
    private static final String FILE = "authority.p12";
    private static final String ALIAS = "authority";
    /** The file is for its owner alone; the password only makes it a file other programs can read. */
    private static final char[] PASSWORD = "cant-hook".toCharArray();

    private static final Duration LASTS = Duration.ofDays(3650);
    /** No longer, or some tablets refuse it. */
    private static final Duration SERVER_LASTS = Duration.ofDays(390);

    private static final Duration BEFORE = Duration.ofDays(1);
    /** Addresses that lead nowhere but to this machine and its own network. */
    private static final List<String> OWN =
            List.of("10.0.0.0/8", "172.16.0.0/12", "192.168.0.0/16", "169.254.0.0/16", "127.0.0.0/8");

    private final PrivateKey key;
    private final X509Certificate certificate;

    private Authority(PrivateKey key, X509Certificate certificate) {
        this.key = key;
        this.certificate = certificate;
    }

    /**
     * The one of this shop; made where there is none yet, or the one there is ends soon or may not vouch for one of the names.
     *
     * @param names addresses in numbers, and names that end in {@code .local}
     */
    static Authority of(Path folder, List<String> names, SecureRandom random, Instant now)
            throws IOException, GeneralSecurityException {
        Path file = folder.resolve(FILE);
        if (Files.exists(file)) {
            KeyStore store = KeyStore.getInstance("PKCS12");
            try (InputStream in = Files.newInputStream(file)) {
                store.load(in, PASSWORD);
            }
            X509Certificate kept = (X509Certificate) store.getCertificate(ALIAS);
            boolean lasts = kept.getNotAfter().toInstant().isAfter(now.plus(SERVER_LASTS));
            if (lasts && names.stream().allMatch(name -> mayVouch(kept, name))) {
                return new Authority((PrivateKey) store.getKey(ALIAS, PASSWORD), kept);
            }
        }
        Authority made = made(names, random, now);
        KeyStore store = KeyStore.getInstance("PKCS12");
        store.load(null, null);
        store.setKeyEntry(ALIAS, made.key, PASSWORD, new Certificate[] {made.certificate});
        Files.createDirectories(folder);
        Path beside = Files.createTempFile(folder, "authority", ".new");
        // a file made as temporary can be read by its owner alone
        try (OutputStream out = Files.newOutputStream(beside)) {
            store.store(out, PASSWORD);
        }
        Files.move(beside, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        return made;
    }

    private static Authority made(List<String> names, SecureRandom random, Instant now)
            throws GeneralSecurityException, IOException {
        KeyPair pair = pair(random);
        X500Name name = new X500Name("CN=Cant Hook in this shop " + hex(random).substring(0, 6));
        var builder = new JcaX509v3CertificateBuilder(
                name,
                new BigInteger(1, bytes(random)),
                Date.from(now.minus(BEFORE)),
                Date.from(now.plus(LASTS)),
                name,
                pair.getPublic());
        builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(0));
        builder.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign));
        builder.addExtension(
                Extension.subjectKeyIdentifier,
                false,
                new JcaX509ExtensionUtils().createSubjectKeyIdentifier(pair.getPublic()));
        List<GeneralSubtree> own = new ArrayList<>();
        OWN.forEach(range -> own.add(new GeneralSubtree(new GeneralName(GeneralName.iPAddress, range))));
        own.add(new GeneralSubtree(new GeneralName(GeneralName.dNSName, "local")));
        // a machine in a network that is not private: its very address, and no other there
        names.stream()
                .filter(n -> isNumber(n) && !isOwn(n))
                .forEach(n -> own.add(new GeneralSubtree(new GeneralName(GeneralName.iPAddress, n + "/32"))));
        builder.addExtension(
                Extension.nameConstraints, true, new NameConstraints(own.toArray(GeneralSubtree[]::new), null));
        return new Authority(pair.getPrivate(), signed(builder, pair.getPrivate()));
    }

    /**
     * A certificate for the shop at its addresses, with a key of its own.
     *
     * @param names addresses in numbers, and names that end in {@code .local}
     */
    KeyStore forAddresses(List<String> names, String alias, char[] password, SecureRandom random, Instant now)
            throws GeneralSecurityException, IOException {
        KeyPair pair = pair(random);
        var builder = new JcaX509v3CertificateBuilder(
                certificate,
                new BigInteger(1, bytes(random)),
                Date.from(now.minus(BEFORE)),
                Date.from(now.plus(SERVER_LASTS)),
                new X500Name("CN=Cant Hook"),
                pair.getPublic());
        builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(false));
        builder.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature));
        builder.addExtension(Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth));
        builder.addExtension(
                Extension.authorityKeyIdentifier,
                false,
                new JcaX509ExtensionUtils().createAuthorityKeyIdentifier(certificate));
        GeneralName[] all = names.stream()
                .map(name ->
                        new GeneralName(name.matches("[0-9.]+") ? GeneralName.iPAddress : GeneralName.dNSName, name))
                .toArray(GeneralName[]::new);
        builder.addExtension(Extension.subjectAlternativeName, false, new GeneralNames(all));
        KeyStore store = KeyStore.getInstance("PKCS12");
        store.load(null, null);
        store.setKeyEntry(alias, pair.getPrivate(), password, new Certificate[] {signed(builder, key), certificate});
        return store;
    }

    X509Certificate certificate() {
        return certificate;
    }

    /** By which it is compared on two screens: {@code 3F 9A …}, the first twelve bytes. */
    String fingerprint() {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(certificate.getEncoded());
            return HexFormat.ofDelimiter(" ").formatHex(hash, 0, 12).toUpperCase(Locale.ROOT);
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("a certificate of ours that cannot be written", e);
        }
    }

    private static X509Certificate signed(JcaX509v3CertificateBuilder builder, PrivateKey by)
            throws GeneralSecurityException {
        try {
            return new JcaX509CertificateConverter()
                    .getCertificate(builder.build(new JcaContentSignerBuilder("SHA256withECDSA").build(by)));
        } catch (OperatorCreationException e) {
            throw new GeneralSecurityException(e);
        }
    }

    private static KeyPair pair(SecureRandom random) throws GeneralSecurityException {
        KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
        generator.initialize(new ECGenParameterSpec("secp256r1"), random);
        return generator.generateKeyPair();
    }

    private static byte[] bytes(SecureRandom random) {
        byte[] some = new byte[16];
        random.nextBytes(some);
        return some;
    }

    private static String hex(SecureRandom random) {
        return HexFormat.of().formatHex(bytes(random));
    }

    private static boolean isNumber(String name) {
        return name.matches("[0-9.]+");
    }

    private static GeneralName named(String name) {
        return new GeneralName(isNumber(name) ? GeneralName.iPAddress : GeneralName.dNSName, name);
    }

    /** Whether an address leads nowhere but to this machine and its own network. */
    private static boolean isOwn(String number) {
        try {
            InetAddress address = InetAddress.getByName(number);
            return address.isSiteLocalAddress() || address.isLinkLocalAddress() || address.isLoopbackAddress();
        } catch (UnknownHostException e) {
            return false;
        }
    }

    /** Whether a certificate of an authority allows it to vouch for a name. */
    static boolean mayVouch(X509Certificate authority, String name) {
        PKIXNameConstraintValidator allowed = new PKIXNameConstraintValidator();
        allowed.intersectPermittedSubtree(NameConstraints.getInstance(
                        ASN1OctetString.getInstance(authority.getExtensionValue(Extension.nameConstraints.getId()))
                                .getOctets())
                .getPermittedSubtrees());
        try {
            allowed.checkPermitted(named(name));
            return true;
        } catch (NameConstraintValidatorException e) {
            return false;
        }
    }
}
