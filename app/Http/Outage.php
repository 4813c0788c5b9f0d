<?php

declare(strict_types=1);

namespace App\Http;

use App\Imaging\StoreAway;
use App\Watch\DatabaseCircuit;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Predis\PredisException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Throwable;

/** Tells what is missing on our side from what is wrong in the program. */
final class Outage
{
    /** What the driver says when there is nobody to talk to, or nobody any more. */
    private const NO_DATABASE = '/\[(2002|2006|2013|1040|1047|1053|1927)\]|gone away|Lost connection|'.
        'Connection refused|server shutdown|Connection was killed|Packets out of order|WSREP|starting up/i';

    private const DISK_FULL = '/No space left on device|\[1021\]|\[1114\]|errno: 28|Disk quota exceeded/i';

    public static function ofDatabase(?Throwable $problem = null): HttpException
    {
        if ($problem !== null) {
            DatabaseCircuit::open();
        }

        return new HttpException(
            503,
            'The database does not answer just now. What you typed is still here; try again in a minute.',
            $problem,
            ['Retry-After' => '30'],
        );
    }

    public static function of(Throwable $problem): ?HttpException
    {
        $message = $problem->getMessage();

        return match (true) {
            $problem instanceof StoreAway => new HttpException(
                503,
                'The store for pictures does not answer just now. What you typed is still here; try again in a minute.',
                $problem,
                ['Retry-After' => '10'],
            ),
            $problem instanceof PredisException, $problem instanceof LockTimeoutException => new HttpException(
                503,
                'A part of the service does not answer just now. What you typed is still here; try again in a minute.',
                $problem,
                ['Retry-After' => '10'],
            ),
            preg_match(self::DISK_FULL, $message) === 1 => new HttpException(
                507,
                'The disk is full on our side. Nothing of this was kept; what was stored before is safe.',
                $problem,
            ),
            preg_match(self::NO_DATABASE, $message) === 1 => self::ofDatabase($problem),
            default => null,
        };
    }
}
