<?php

declare(strict_types=1);

namespace App\Backup;

use RuntimeException;

/** A backup could not be made, read or brought back; the message says why. */
final class BackupFailed extends RuntimeException
{
}
