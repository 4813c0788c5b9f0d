<?php

declare(strict_types=1);

namespace App\Watch;

use Illuminate\Database\Connectors\MariaDbConnector;
use PDO;
use PDOException;
use SensitiveParameter;
use Throwable;

/** Connects pages with the database, once: while it is held to be away nobody waits for it a second time. */
final class GuardedConnector extends MariaDbConnector
{
    /**
     * @param  string  $dsn
     * @param  array<string, mixed>  $config
     * @param  array<int, mixed>  $options
     *
     * @throws PDOException
     */
    public function createConnection($dsn, #[SensitiveParameter] array $config, array $options): PDO
    {
        if (DatabaseCircuit::isShut()) {
            throw new PDOException('SQLSTATE[HY000] [2002] The database is held to be away.', 2002);
        }

        return parent::createConnection($dsn, $config, $options);
    }

    /**
     * No second try: the first has waited long enough.
     *
     * @param  string  $dsn
     * @param  string  $username
     * @param  string  $password
     * @param  array<int, mixed>  $options
     *
     * @throws Throwable
     */
    protected function tryAgainIfCausedByLostConnection(
        Throwable $e,
        $dsn,
        $username,
        #[SensitiveParameter] $password,
        $options,
    ): PDO {
        if ($this->causedByLostConnection($e)) {
            DatabaseCircuit::open();
        }

        throw $e;
    }
}
