<?php

declare(strict_types=1);

namespace App\Imaging;

/**
 * What a program that parses files may not ask of the kernel, as a filter of seccomp(2): other processes, namespaces,
 * mounts, keys, modules, clocks, counters, rings of input and output, and every socket but local ones. Refused with
 * EPERM; clone3, whose flags a filter cannot read, with ENOSYS, upon which libraries take clone. Numbers of calls from
 * asm/unistd.h of each architecture.
 */
final class SyscallFilter
{
    /** By architecture: AUDIT_ARCH, and numbers that differ. */
    private const ARCHITECTURES = [
        'x86_64' => [0xC000003E, [
            'socket' => 41, 'clone' => 56, 'refused' => [
                101, 103, 134, 135, 136, 139, 153, 154, 155, 156, 159, 161, 163, 164, 165, 166, 167, 168, 169, 170, 171,
                172, 173, 174, 175, 176, 177, 178, 179, 180, 212, 227, 237, 238, 239, 246, 248, 249, 250, 256, 272, 279,
                298, 303, 304, 305, 308, 310, 311, 312, 313, 320, 321, 323,
            ],
        ]],
        'aarch64' => [0xC00000B7, [
            'socket' => 198, 'clone' => 220, 'refused' => [
                18, 39, 40, 41, 42, 51, 60, 89, 92, 97, 104, 105, 106, 112, 116, 117, 142, 161, 162, 170, 171, 217, 218,
                219, 224, 225, 235, 236, 237, 238, 239, 241, 264, 265, 266, 268, 270, 271, 272, 273, 280, 282, 294,
            ],
        ]],
    ];

    /** The same everywhere: rings of io_uring, the newer calls for mounts, pidfd_getfd. */
    private const REFUSED = [425, 426, 427, 428, 429, 430, 431, 432, 433, 438, 442];

    private const CLONE3 = 435;

    /** CLONE_NEWNS, NEWCGROUP, NEWUTS, NEWIPC, NEWUSER, NEWPID, NEWNET. */
    private const NEW_NAMESPACES = 0x7E020000;

    private const AF_UNIX = 1;

    /** Numbers from here on are another way of calling x86_64. */
    private const X32 = 0x40000000;

    private const LOAD = 0x20;

    private const IS = 0x15;

    private const IS_AT_LEAST = 0x35;

    private const HAS_ANY = 0x45;

    private const RETURN = 0x06;

    private const ALLOW = 0x7FFF0000;

    private const KILL = 0x80000000;

    private const EPERM = 0x00050001;

    private const ENOSYS = 0x00050026;

    /** Where in the kernel's struct seccomp_data they lie, bytes. */
    private const NUMBER_AT = 0;

    private const ARCHITECTURE_AT = 4;

    private const FIRST_ARGUMENT_AT = 16;

    /**
     * @param  ?string  $machine  as uname -m says; this one otherwise
     * @return ?string the filter as the kernel reads it; null for machines whose numbers are not known
     */
    public static function bytes(?string $machine = null): ?string
    {
        $known = self::ARCHITECTURES[$machine ?? php_uname('m')] ?? null;
        if ($known === null) {
            return null;
        }
        [$architecture, $numbers] = $known;
        $filter = self::step(self::LOAD, self::ARCHITECTURE_AT).
            self::step(self::IS, $architecture, 1).
            self::step(self::RETURN, self::KILL).
            self::step(self::LOAD, self::NUMBER_AT).
            self::step(self::IS_AT_LEAST, self::X32, 0, 1).
            self::step(self::RETURN, self::EPERM);
        foreach ([...$numbers['refused'], ...self::REFUSED] as $number) {
            $filter .= self::step(self::IS, $number, 0, 1).self::step(self::RETURN, self::EPERM);
        }
        $filter .= self::step(self::IS, self::CLONE3, 0, 1).self::step(self::RETURN, self::ENOSYS);
        $filter .= self::step(self::IS, $numbers['clone'], 0, 4).
            self::step(self::LOAD, self::FIRST_ARGUMENT_AT).
            self::step(self::HAS_ANY, self::NEW_NAMESPACES, 0, 1).
            self::step(self::RETURN, self::EPERM).
            self::step(self::RETURN, self::ALLOW);

        return $filter.self::step(self::IS, $numbers['socket'], 0, 3).
            self::step(self::LOAD, self::FIRST_ARGUMENT_AT).
            self::step(self::IS, self::AF_UNIX, 1).
            self::step(self::RETURN, self::EPERM).
            self::step(self::RETURN, self::ALLOW);
    }

    /** A struct sock_filter: what to do, steps to skip where it holds and where it does not, a value. */
    private static function step(int $code, int $value, int $skipIfSo = 0, int $skipIfNot = 0): string
    {
        return pack('vCCV', $code, $skipIfSo, $skipIfNot, $value);
    }
}
