<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\User;
use Tests\TestCase;

final class AccessTest extends TestCase
{
    /** something in the place of each name in an address */
    private const SOME = [
        'api' => '', '{phone}' => 'quillon-vesper', '{label}' => 'S-101', '{item}' => '1', '{part}' => '1',
        '{version}' => '1', '{bond}' => 'seal', '{format}' => 'pdf', '{step}' => 'power-off', '{account}' => '1',
    ];

    public function testEverythingButSignInAnswers401ToAGuest(): void
    {
        $asked = 0;
        $ids = 'job|photo|import|count|return|claim|source|change|roll|dump|capture|order|absence|supply|session';
        foreach ($this->apiRoutes() as ['method' => $method, 'uri' => $uri]) {
            // The way in, and the invitation to it.
            if ($uri !== 'api/sign-in' && !str_starts_with($uri, 'api/invitations/')) {
                $this->ask(
                    $method,
                    str_replace(
                        array_keys(self::SOME),
                        array_values(self::SOME),
                        (string) preg_replace(
                            '/\{(' . $ids . ')\}/',
                            $this->newId(),
                            $uri,
                        ),
                    ),
                    status: 401,
                );
                ++$asked;
            }
        }
        self::assertGreaterThan(15, $asked);
    }

    public function testTheFrontDeskMayNotWorkAtTheBench(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['lines']);
        $t->planned('display-assembly', 'S-101');
        $this->as(Role::FrontDesk);
        $this->ask(
            'POST',
            "/jobs/$t->job/events",
            ['events' => [$t->event('step-done', ['step' => 'power-off'])]],
            403,
        );
        $this->ask('GET', "/jobs/$t->job/bench", status: 200)->assertJsonPath('next', 'power-off');
        $this->ask('GET', "/jobs/$t->job", status: 200)->assertJsonPath('mayWork', false);
    }

    public function testSigningInAndOut(): void
    {
        User::query()->create([
            'name' => 'Ilse Varga',
            'email' => 'owner@lindenhalt.example',
            'password' => 'right-password',
            'role' => Role::Owner,
        ]);
        $this->ask(
            'POST',
            '/sign-in',
            ['email' => 'owner@lindenhalt.example', 'password' => 'wrong'],
            422,
        )->assertJsonValidationErrors(['email']);
        $this->ask(
            'POST',
            '/sign-in',
            ['email' => 'owner@lindenhalt.example', 'password' => 'right-password'],
            200,
        )->assertJsonPath('role', 'owner');
        $this->ask('GET', '/me', status: 200)->assertJsonPath('name', 'Ilse Varga');
        $this->ask('POST', '/sign-out', status: 204);
    }

    public function testSigningInFromElsewhereIsRefused(): void
    {
        $this->withHeaders(['Origin' => 'http://elsewhere.example', 'Referer' => 'http://elsewhere.example/']);
        $this->ask(
            'POST',
            '/sign-in',
            ['email' => 'owner@lindenhalt.example', 'password' => 'right-password'],
            422,
        )->assertJsonValidationErrors(['email']);
    }

    public function testTooManyTriesAreHeldBack(): void
    {
        for ($i = 0; $i < 5; ++$i) {
            $this->ask('POST', '/sign-in', ['email' => 'guess@lindenhalt.example', 'password' => 'wrong'], 422);
        }
        $this->ask('POST', '/sign-in', ['email' => 'guess@lindenhalt.example', 'password' => 'wrong'], 429);
    }

    public function testEveryAnswerCarriesTheSecurityHeaders(): void
    {
        $page = $this->get('/');
        $page->assertOk();
        $policy = (string) $page->headers->get('Content-Security-Policy');
        self::assertStringContainsString("script-src 'self';", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        preg_match("/nonce-([^']+)'/", $policy, $nonce);
        self::assertStringContainsString(
            'content="' . ($nonce[1] ?? '?') . '"',
            (string) $page->baseResponse->getContent(),
        );
        self::assertDoesNotMatchRegularExpression(
            '/<script(?![^>]*\bsrc=)[^>]*>/',
            (string) $page->baseResponse->getContent(),
            'no inline script',
        );
        $this->get('/api/me', ['Accept' => 'application/json'])
            ->assertHeader('X-Frame-Options', 'DENY')
            ->assertHeader('X-Content-Type-Options', 'nosniff');
    }

    public function testNothingIsLoadedFromElsewhere(): void
    {
        preg_match_all(
            '#(?:src|href)="(https?:)?//([^"/]+)#',
            (string) $this->get('/')->baseResponse->getContent(),
            $hosts,
        );
        self::assertSame([], array_diff(array_unique($hosts[2]), ['localhost', '127.0.0.1:8480', '127.0.0.1']));
    }
}
