<?php

declare(strict_types=1);

namespace App\Http\Seal;

use App\Jobs\SealWishes;
use App\Phones\PhoneLibrary;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Ledge;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Replacement;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Condition\Condition;
use Facelift\Condition\Observation;
use Facelift\Geometry\Side;
use Facelift\Seal\CornerCut;
use Facelift\Seal\Roll;
use Facelift\Seal\Rolls;
use Facelift\Seal\SealMeans;
use Facelift\Seal\SealRequest;
use Facelift\Seal\Way;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A seal to be tried out on paper: phone, part, stock, and what was measured. */
class SealQuery extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $side = [];
        foreach (Side::cases() as $s) {
            $side['readings.recess.' . $s->value] = ['sometimes', 'numeric', 'between:0.2,10'];
            $side['readings.residue.' . $s->value] = ['sometimes', 'numeric', 'between:0,10'];
            $side['ledge.' . $s->value] = ['sometimes', 'numeric', 'between:0.2,20'];
        }

        return $side + [
            'phone' => ['required', 'string', 'max:80'],
            'kind' => ['required', Rule::enum(ReplacementKind::class)],
            'bond' => ['sometimes', 'string', 'max:80'],
            'way' => ['sometimes', Rule::enum(Way::class)],
            'corner' => ['sometimes', Rule::enum(CornerCut::class)],
            'room' => ['sometimes', 'numeric', 'between:5,40'],
            'frameBent' => ['sometimes', 'boolean'],
            'thickness' => ['sometimes', 'numeric', 'between:0.02,3'],
            'gives' => ['sometimes', 'numeric', 'between:0,0.8'],
            'ledge' => ['sometimes', 'array:top,right,bottom,left'],
            'readings' => ['sometimes', 'array:module,recess,residue'],
            'readings.module' => ['sometimes', 'numeric', 'between:0.2,10'],
            'readings.recess' => ['sometimes', 'array:top,right,bottom,left'],
            'readings.residue' => ['sometimes', 'array:top,right,bottom,left'],
        ];
    }

    public function sealRequest(PhoneLibrary $phones, SealWishes $wishes): SealRequest
    {
        $phone = $this->onLedge($phones->phone($this->string('phone')->toString()));
        $part = $phone->replacement(ReplacementKind::from($this->string('kind')->toString()));
        $bond = $this->bond($phone, $part);
        $new = in_array($bond->lifted(), $part->replaces, true);
        $bent = $this->boolean('frameBent');

        return new SealRequest(
            $phone,
            $bond,
            $new ? $part : null,
            Condition::observed($bent ? [Observation::FrameBent] : []),
            $this->means($wishes->means()),
            $wishes->read($this->has('readings') ? $this->readings() : null)->readings,
        );
    }

    /** Null for the recommended one. */
    public function way(): ?Way
    {
        return $this->enum('way', Way::class);
    }

    /** @return array<string, mixed> */
    private function readings(): array
    {
        /** @var array<string, mixed> */
        return $this->array('readings');
    }

    private function means(SealMeans $shop): SealMeans
    {
        $corner = $this->enum('corner', CornerCut::class) ?? $shop->corner;
        $rolls = $shop->rolls;
        if ($this->has('thickness')) {
            $gives = $this->has('gives') ? $this->float('gives') : Roll::FOAM_GIVES;
            $rolls = new Rolls(array_map(fn(Roll $r): Roll => new Roll(
                $r->id,
                $r->width,
                $this->float('thickness'),
                $gives,
                $r->left,
            ), $rolls->all));
        }

        return new SealMeans($rolls, $corner, $this->has('room') ? $this->float('room') : $shop->room);
    }

    private function onLedge(Phone $phone): Phone
    {
        if (!$this->has('ledge')) {
            return $phone;
        }
        $ledge = $phone->ledge;
        $width = fn(Side $s): float => $this->has('ledge.' . $s->value)
            ? $this->float('ledge.' . $s->value)
            : $ledge->width($s);

        return $phone->onLedge(new Ledge(
            $width(Side::Top),
            $width(Side::Right),
            $width(Side::Bottom),
            $width(Side::Left),
            $ledge->recess,
            $ledge->module,
            $ledge->tolerance,
            $ledge->foam,
            [],
        ));
    }

    private function bond(Phone $phone, Replacement $part): Bond
    {
        $named = $this->string('bond')->toString();
        foreach ($phone->bonds as $bond) {
            $holds = in_array($bond->lifted(), $part->replaces, true);
            if ($bond->cut !== null && ($named === '' ? $holds : $bond->id === $named)) {
                return $bond;
            }
        }

        throw new NotFoundHttpException('This phone has no bond "' . $named . '" that goes round an edge.');
    }
}
