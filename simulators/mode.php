<?php

declare(strict_types=1);

// What both stand-ins share: their mode, and answering.

/** @param array<string, mixed> $body */
function answer(array $body, int $status = 200): never
{
    http_response_code($status);
    header('Content-Type: application/json');
    echo json_encode($body, JSON_THROW_ON_ERROR);
    exit;
}

/** @return array<mixed> */
function sent(): array
{
    $body = json_decode((string) file_get_contents('php://input'), true);

    return is_array($body) ? $body : [];
}

function text(mixed $value): string
{
    return is_string($value) ? $value : '';
}

/** Answers questions about the mode, and misbehaves as it says. */
function behave(string $name): void
{
    $file = text(getenv('SIMULATOR_STATE')) . '/' . $name . '.mode';
    $path = text(parse_url(text($_SERVER['REQUEST_URI'] ?? ''), PHP_URL_PATH));
    if ($path === '/mode') {
        if (($_SERVER['REQUEST_METHOD'] ?? '') === 'PUT') {
            $mode = text(sent()['mode'] ?? '');
            in_array($mode, ['ok', 'slow', 'down', 'wrong', 'garbled', 'elsewhere', 'flood'], true) ||
                answer(['message' => 'unknown mode'], 422);
            file_put_contents($file, $mode, LOCK_EX);
        }
        answer(['mode' => is_file($file) ? text(file_get_contents($file)) : 'ok']);
    }
    switch (is_file($file) ? file_get_contents($file) : 'ok') {
        case 'slow':
            sleep(10);
            break;
        case 'down':
            answer(['message' => 'out of order'], 503);
            // no break
        case 'wrong':
            answer([
                'offers' => [['sku' => 'X', 'name' => 'Nothing', 'price' => '-3.00', 'stock' => 1, 'leadDays' => 0]],
                'decision' => 'authorised',
                'amount' => '1000000.00',
                'reference' => 'X',
            ]);
        // no break
        case 'elsewhere':
            http_response_code(302);
            header('Location: http://127.0.0.1:1/somewhere');
            exit;
        case 'flood':
            header('Content-Type: application/json');
            echo '{"offers": [], "more": "';
            for ($i = 0; $i < 64; ++$i) {
                echo str_repeat('x', 65_536);
                flush();
            }
            echo '"}';
            exit;
        case 'garbled':
            header('Content-Type: text/html');
            echo '<html><body>Please come back later</body></html>';
            exit;
    }
}
