<?php

declare(strict_types=1);

namespace App\Account;

use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Session\DatabaseSessionHandler;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Crypt;

/**
 * Sessions in the database that are written only where something has changed, or once in a while so that they do not
 * grow old: to look at a page commits nothing to disk.
 */
final class QuietSessions extends DatabaseSessionHandler
{
    /** s within which it is not said again that somebody is still there */
    private const STILL_THERE = 300;

    /** what was read: the session, its data, when it was written last */
    private ?string $id = null;
    private string $data = '';
    private int $at = 0;

    /** @param string $sessionId */
    public function read($sessionId): string
    {
        $row = $this->getQuery()->find($sessionId);
        $session = is_object($row) ? (array) $row : [];
        $payload = $session['payload'] ?? null;
        $at = $session['last_activity'] ?? null;
        if (!is_string($payload) || !is_numeric($at)) {
            return '';
        }
        $this->exists = true;
        if ($this->expired((object) $session)) {
            return '';
        }
        [$this->id, $this->data, $this->at] = [$sessionId, (string) base64_decode($payload, true), (int) $at];

        return $this->data;
    }

    /**
     * @param string $sessionId
     * @param string $data
     */
    public function write($sessionId, $data): bool
    {
        $fresh = $this->at > Carbon::now()->getTimestamp() - self::STILL_THERE;
        if ($fresh && $this->id === $sessionId && self::plain($data) === self::plain($this->data)) {
            return true;
        }

        return parent::write($sessionId, $data);
    }

    /**
     * What is in a session but the page that was looked at last, which nothing here goes back to.
     *
     * @return array<mixed>|null null for what cannot be read: then nothing is like it
     */
    private static function plain(string $data): ?array
    {
        try {
            $plain = Crypt::decrypt($data);
        } catch (DecryptException) {
            return null;
        }
        $read = is_string($plain) ? unserialize($plain, ['allowed_classes' => false]) : null;

        return is_array($read) ? array_diff_key($read, ['_previous' => true]) : null;
    }
}
