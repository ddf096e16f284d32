<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** A phone as its file describes it: read, checked and immutable. */
final readonly class Phone
{
    /**
     * @param array<string, Opening>     $openings
     * @param list<FlexZone>             $flexZones
     * @param array<string, list<Layer>> $stacks    layers from the heated face inwards
     * @param array<string, Part>        $parts
     * @param array<string, Fastener>    $fasteners
     * @param array<string, Connector>   $connectors
     * @param array<string, Bond>        $bonds
     * @param array<string, Replacement> $replacements
     */
    public function __construct(
        public Identity $identity,
        public Body $body,
        public Ledge $ledge,
        public Family $family,
        public array $openings,
        public array $flexZones,
        public array $stacks,
        public array $parts,
        public array $fasteners,
        public array $connectors,
        public array $bonds,
        public Panel $panel,
        public array $replacements,
        public Footing $footing = new Footing(),
    ) {}

    /** The same with another ledge, to try one out. */
    public function onLedge(Ledge $ledge): self
    {
        return new self(
            $this->identity,
            $this->body,
            $ledge,
            $this->family,
            $this->openings,
            $this->flexZones,
            $this->stacks,
            $this->parts,
            $this->fasteners,
            $this->connectors,
            $this->bonds,
            $this->panel,
            $this->replacements,
            $this->footing,
        );
    }

    /** @throws UnknownId If the phone has no such replacement kind. */
    public function replacement(ReplacementKind $kind): Replacement
    {
        foreach ($this->replacements as $replacement) {
            if ($replacement->kind === $kind) {
                return $replacement;
            }
        }

        throw UnknownId::replacement($this->identity->name(), $kind->value);
    }

    /** The display connector that a model code takes: regional codes may take another panel. */
    public function displayConnector(string $code): string
    {
        return $this->identity->connectors[$code] ?? $this->panel->connectorCode;
    }

    /** True if the file says that it has this function. */
    public function has(PhoneFunction $function): bool
    {
        return \in_array($function, $this->functions(), true);
    }

    /** The connector of the battery, which is off first and on last. */
    public function powerConnector(): Connector
    {
        foreach ($this->connectors as $connector) {
            if ($connector->power) {
                return $connector;
            }
        }

        throw UnknownId::powerConnector($this->identity->name());
    }

    /** True if `$part` is `$host` or sits in it, however deep. */
    public function movesWith(string $part, string $host): bool
    {
        for ($at = $part; $at !== null; $at = $this->parts[$at]->carriedBy) {
            if ($at === $host) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Part> */
    public function partsOf(PartKind ...$kinds): array
    {
        return array_values(array_filter($this->parts, static fn(Part $p): bool => \in_array($p->kind, $kinds, true)));
    }

    /**
     * The functions this phone has, in the order of testing.
     *
     * @return list<PhoneFunction>
     */
    public function functions(): array
    {
        $served = array_merge(...array_map(static fn(Part $p): array => $p->functions, array_values($this->parts)));

        return array_values(
            array_filter(PhoneFunction::cases(), static fn(PhoneFunction $f): bool => \in_array($f, $served, true)),
        );
    }

    /** The name of anything in the file by its id. */
    public function nameOf(string $id): string
    {
        $element = $this->parts[$id] ?? $this->fasteners[$id] ?? $this->connectors[$id] ?? $this->bonds[$id] ?? null;

        return $element->name ?? throw UnknownId::element($id);
    }
}
