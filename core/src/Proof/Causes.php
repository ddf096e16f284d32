<?php

declare(strict_types=1);

namespace Facelift\Proof;

use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Document\Reason;
use Facelift\Route\Route;

/** Where a failed test points to, most likely first: connectors that the route opened before everything else. */
final readonly class Causes
{
    /** @return non-empty-list<Reason> */
    public function of(PhoneFunction $function, Phone $phone, Route $route): array
    {
        $causes = [];
        foreach ($route->ids() as $id) {
            $connector = $phone->connectors[$id] ?? null;
            if ($connector !== null && $this->serves($phone, $connector->joins[0], $function)) {
                $causes[] = new Reason('connector-not-seated', ['connector' => $connector->name]);
            }
        }
        // Common practice, no source.
        $usual = match ($function) {
            PhoneFunction::FrontCamera, PhoneFunction::RearCamera => 'film-or-glue-over-camera',
            PhoneFunction::Proximity, PhoneFunction::AmbientLight => 'sensor-not-in-holder',
            PhoneFunction::Earpiece => 'mesh-clogged-or-bead-close',
            PhoneFunction::Touch => 'digitizer-flex',
            PhoneFunction::Signal, PhoneFunction::Wifi, PhoneFunction::Call => 'coax-lead-off',
            PhoneFunction::Image, PhoneFunction::Brightness => 'connector-or-battery',
            PhoneFunction::Keys, PhoneFunction::HomeKey => 'key-flex-off',
            PhoneFunction::Loudspeaker,
            PhoneFunction::Vibration,
            PhoneFunction::WirelessCharging => 'springs-not-touching',
            PhoneFunction::Microphone => 'opening-covered',
            PhoneFunction::Charging => 'charging-flex-off',
            PhoneFunction::Fingerprint, PhoneFunction::FaceUnlock => 'not-the-phones-own',
            PhoneFunction::Stylus => 'stylus-layer-off',
            PhoneFunction::Sim => 'tray-not-home',
            PhoneFunction::PartNotice, PhoneFunction::ColourAdapting => 'memory-not-copied',
        };

        // What the display's memory serves fails without its data, whatever else may be at fault.
        $served = \in_array($function, $phone->panel->data->serves ?? [], true) && $usual !== 'memory-not-copied';

        return [...$causes, new Reason($usual), ...$served ? [new Reason('memory-not-copied')] : []];
    }

    private function serves(Phone $phone, string $part, PhoneFunction $function): bool
    {
        return \in_array($function, $phone->parts[$part]->functions, true);
    }
}
