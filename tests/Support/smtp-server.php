<?php

declare(strict_types=1);

// Speaks SMTP (RFC 5321) as far as a client needs to hand over a mail. Arguments: port, file for what was said.
[, $port, $file] = $argv;
$server = stream_socket_server('tcp://127.0.0.1:'.$port) ?: exit(1);
while ($client = @stream_socket_accept($server, 60)) {
    $said = '';
    fwrite($client, "220 kilnyard.example ready\r\n");
    while (($line = fgets($client)) !== false) {
        $said .= $line;
        $verb = strtoupper(substr(trim($line), 0, 4));
        if ($verb === 'DATA') {
            fwrite($client, "354 go on\r\n");
            while (($line = fgets($client)) !== false && rtrim($line, "\r\n") !== '.') {
                $said .= $line;
            }
            fwrite($client, "250 taken\r\n");
            // The conversation may stay open for the next mail.
            file_put_contents($file, $said."\x1e", FILE_APPEND);
            $said = '';
        } elseif ($verb === 'QUIT') {
            fwrite($client, "221 bye\r\n");
            break;
        } else {
            fwrite($client, $verb === 'EHLO' ? "250-kilnyard.example\r\n250 8BITMIME\r\n" : "250 fine\r\n");
        }
    }
    fclose($client);
}
