<?php

declare(strict_types=1);

namespace App\Http\Phones;

use Facelift\Anatomy\Family;
use Facelift\Capture\FrontThing;
use Facelift\Capture\SeenThing;
use Facelift\Capture\Told;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What is told of a phone that nobody has drawn. */
final class ProvisionalRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $word = ['required', 'string', 'max:40', 'regex:/^[\pL\pN][\pL\pN .+-]*$/u'];

        return [
            'maker' => $word,
            'model' => $word,
            'code' => ['required', 'string', 'max:40', 'regex:/^[A-Za-z0-9][A-Za-z0-9 .\/+-]*$/'],
            'family' => ['required', Rule::enum(Family::class)],
            'like' => ['nullable', 'string', 'max:70'],
            'width' => self::within(...Told::WIDTH),
            'height' => self::within(...Told::HEIGHT),
            'thickness' => self::within(...Told::THICKNESS),
            'tray' => ['required', 'boolean'],
            'stylus' => ['required', 'boolean'],
            'curved' => ['required', 'boolean'],
            'front' => ['present', 'array', 'list', 'max:20'],
            'front.*' => ['array:what,x,y'],
            'front.*.what' => ['required', Rule::enum(FrontThing::class)],
            'front.*.x' => ['required', 'numeric', 'between:0,110'],
            'front.*.y' => ['required', 'numeric', 'between:0,190'],
        ];
    }

    /** @return list<string> */
    private static function within(float $least, float $most): array
    {
        return ['required', 'numeric', "between:$least,$most"];
    }

    public function family(): Family
    {
        return Family::from($this->string('family')->toString());
    }

    /** The known phone that it is like; null to go by its family alone. */
    public function like(): ?string
    {
        return $this->filled('like') ? $this->string('like')->toString() : null;
    }

    public function told(): Told
    {
        $front = [];
        foreach ((array) $this->input('front') as $one) {
            $what = is_array($one) && is_string($one['what'] ?? null) ? FrontThing::tryFrom($one['what']) : null;
            if ($what !== null && is_array($one) && is_numeric($one['x'] ?? null) && is_numeric($one['y'] ?? null)) {
                $front[] = new SeenThing($what, (float) $one['x'], (float) $one['y']);
            }
        }

        return new Told(
            $this->string('maker')->trim()->toString(),
            $this->string('model')->trim()->toString(),
            $this->string('code')->trim()->toString(),
            $this->float('width'),
            $this->float('height'),
            $this->float('thickness'),
            $front,
            $this->boolean('tray'),
            $this->boolean('stylus'),
            $this->boolean('curved'),
        );
    }
}
