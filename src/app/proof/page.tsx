import { ProofView } from '@/views/proof/ProofView';

export default function ProofPage() {
  return <ProofView />;
}
