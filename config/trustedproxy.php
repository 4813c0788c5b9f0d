<?php

// Who may say for whom a request is made and by which scheme: addresses or networks, separated by commas; "*" for
// whoever connects, where nobody but the proxy can.
$proxies = (string) env('TRUSTED_PROXIES', '');

return ['proxies' => $proxies === '*' ? '*' : array_values(array_filter(array_map(trim(...), explode(',', $proxies))))];
